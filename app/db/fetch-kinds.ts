/** Loads the kinds of documents the first view does not need; their schemas are large. */
export const laterKinds = (): Promise<unknown> => import('./later-kinds');
