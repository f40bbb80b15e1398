/** The language of these words, as `Intl` names it. */
export const TAG = 'en-US';
