/** Fetches the kinds the first view does without: their shapes are large. */
export const laterKinds = (): Promise<unknown> => import('./later-kinds');
