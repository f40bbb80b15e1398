import { nanoid } from 'nanoid';

/** An id nobody else has: made from the browser's own chance, which pages over plain http have too. */
export const newId = (): string => nanoid();
