/** What a worker says whose work could not be fetched. */
export const NOT_LOADED = 'not-loaded';
