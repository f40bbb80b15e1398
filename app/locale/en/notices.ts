import { plural } from '../intl';

export const serverSilent = 'the server does not answer';
export const saveBackupFile = 'Save a backup file';
export const storedAtLast = 'Everything entered is stored now.';
export const tryAgain = 'Try again';
export const neverBackedUp = (days: string | number): string =>
  `Your first ticket is ${days} days old and nothing was ever backed up. Files, “Export everything” takes a moment.`;
export const backupIsOld = (days: string | number): string =>
  `The last backup is ${days} days old. Files, “Export everything” makes a new one.`;
export const lookingForGaps = 'Looking for what is missing';
export const notesSetAside = (count: number): string =>
  plural(count, {
    one: 'A change of an earlier visit could not be read and is set aside: Files, “Set aside”. What was stored before is untouched.',
    other: `${count} changes of an earlier visit could not be read and are set aside: Files, “Set aside”. What was stored before is untouched.`,
  });
/** @param first  why the first could not be read, or nothing */
export const rowsSetAside = (count: number, first: string): string =>
  plural(count, {
    one: `1 row of the store could not be read and is set aside as it came: Files, “Set aside”.${first}`,
    other: `${count} rows of the store could not be read and are set aside as they came: Files, “Set aside”.${first}`,
  });
export const theFirst = (kind: string, why: string): string => ` The first, a ${kind}: ${why}`;
export const drawingTheMap = 'Drawing the map';
export const workerRestarted = 'What computes in the background stopped answering and was started anew.';
export const readingTheLog = 'Reading the log';
export const planningTheDay = 'Planning the day';
export const runningTheTank = 'Running the tank';
