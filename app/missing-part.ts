import * as words from './locale/en/frame';
/** Whether an error means that a part of the app could not be fetched. */
export const isMissingPart = (error: unknown): boolean =>
  error instanceof Error &&
  /dynamically imported module|importing a module|load module|preload css/i.test(error.message);

export const MISSING_PART_TEXT = words.partNotFetched;
