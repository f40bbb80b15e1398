/** What keeps and checks data and nobody here wrote: read in a task of its own. */
export { liveQuery } from 'dexie';
export { strictObject } from 'zod/mini';
