/** Message of a worker whose code could not be fetched. */
export const NOT_LOADED = 'not-loaded';
