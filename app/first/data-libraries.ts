/** Libraries that store and validate data, evaluated in a task of their own. */
export { liveQuery } from 'dexie';
export { strictObject } from 'zod/mini';
