/** Whether an error means that a part of the app could not be fetched. */
export const isMissingPart = (error: unknown): boolean =>
  error instanceof Error &&
  /dynamically imported module|importing a module|load module|preload css/i.test(error.message);

export const MISSING_PART_TEXT =
  'This part of the app could not be fetched: the server that brought the page does not answer. What you entered is kept; start it again, then try once more.';
