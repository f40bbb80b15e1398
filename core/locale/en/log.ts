import type { TrailerHookVerdict, Unlike } from '../../log';

/** What a log says, in words. */
export const UNLIKE_TEXT: Readonly<Record<Unlike['what'], (one: string, other: string, share: string) => string>> = {
  clarity: (one, other, share) =>
    `Clarity differed: mostly ${one} against ${other} (${share} of the hours have no like).`,
  temperature: (one, other, share) =>
    `Temperature differed: mostly ${one} against ${other} (${share} of the hours have no like).`,
  hours: (one, other) => `Hours differed: ${one} against ${other}.`,
};
const hours = (count: number | null): string =>
  count === null
    ? 'No number of hours anybody fishes would settle it.'
    : `About ${Math.ceil(count)} h more with and without would settle it.`;
export const verdictText = (verdict: TrailerHookVerdict, chance: string, cost: string, evenAt: string): string => {
  const money = `It costs ${cost} of the bites and would be worth up to ${evenAt}.`;
  switch (verdict.verdict) {
    case 'pays':
      return `A trailer hook pays here, with a chance of ${chance}. ${money}`;
    case 'does-not-pay':
      return `A trailer hook does not pay here: the chance that it does is ${chance}. ${money}`;
    case 'unclear':
      return `Whether a trailer hook pays is unclear: the chance is ${chance}. ${hours(verdict.hoursToSettle)}`;
  }
};
export const notBoth = 'The log has no hours with a trailer hook, or none without: there is nothing to compare.';
