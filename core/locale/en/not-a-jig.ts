import type { NotAJigId } from '../../advice/rules/not-a-jig';

/** When a jig is not the answer: why, and what to tie instead, in general words. */
export const NOT_A_JIG_TEXT: Readonly<Record<NotAJigId, { readonly says: string; readonly instead: string }>> = {
  'nothing-with-a-hook': {
    says: 'The rules you entered for this place allow no hook on the line.',
    instead: 'Fish elsewhere, or correct the entry if the board says otherwise.',
  },
  'worm-rig-through-grass': {
    says: 'In weed a guarded jig is slow going in and coming out, says the school you follow.',
    instead: 'A weedless worm rig: the same plastic on an offset hook behind a pegged bullet weight, point buried.',
  },
  'worm-rig-in-clear-water': {
    says: 'In water this clear a puffing skirt gives it away, says the school you follow.',
    instead: 'A weedless worm rig with the same craw: bullet weight, offset hook, no skirt.',
  },
  'worm-rig-for-wary-fish-in-very-clear-water': {
    says: 'Very clear, much fished and sulking: they look at every strand of a skirt.',
    instead: 'The same trailer without a skirt, on a light weedless worm rig or a small plain head.',
  },
  'worm-rig-to-search-thick-weed': {
    says: 'Searching through thick weed, a jig spends the day being freed.',
    instead: 'A weedless worm rig slides in and out faster; take the jig once you have found them.',
  },
  'soft-minnow-for-short-strikes': {
    says: 'Fish that strike short do not really want blades or a plate, says the school you follow.',
    instead: 'Something slower and softer: a soft jerk minnow, or a suspending minnow with long rests.',
  },
};
