import { ft, just, seen, cover, OPEN, HIGH, JUNK, type Cases } from '../../testing/fixtures/case-waters';
import type { HOOK_AND_GUARD_RULES } from './hooks-and-guards';

export const HOOK_AND_GUARD_CASES: Cases<typeof HOOK_AND_GUARD_RULES> = {
  'stout-wire-in-thick': [cover('dock', 'thick'), cover('dock', 'medium')],
  'fine-wire-in-open': [
    { ...seen(ft(3)), ...OPEN },
    { ...seen(ft(3) - just), ...OPEN },
  ],
  'lighter-wire-in-early-year': [{ season: 'prespawn' }, { season: 'postspawn' }],
  'lighter-wire-for-smaller-fish': [{ species: 'spotted' }, { species: 'largemouth' }],
  'heavy-wire-for-giants': [cover('brush', 'medium'), cover('brush', 'sparse')],
  'football-on-medium-wire': [{}, {}],
  'light-wire-swim-stays-light': [HIGH, {}],
  'medium-wire-swim-stops-early': [HIGH, {}],
  'heavy-wire-swim-wants-weight': [HIGH, {}],
  'heavy-wire-swim-in-cover': [
    { ...HIGH, ...cover('brush', 'medium') },
    { ...HIGH, ...cover('brush', 'sparse') },
  ],
  'medium-wire-swim-everyday': [
    { ...HIGH, ...cover('brush', 'sparse') },
    { ...HIGH, ...cover('brush', 'medium') },
  ],
  'light-wire-swim-for-small-fish': [
    { ...HIGH, ...OPEN, species: 'smallmouth' },
    { ...HIGH, ...OPEN, species: 'largemouth' },
  ],
  'full-guard-in-cover': [cover('brush', 'medium'), cover('brush', 'sparse')],
  'soft-guard-in-open': [OPEN, cover('brush')],
  'one-wire-when-they-look': [
    { ...OPEN, ...seen(ft(4)) },
    { ...OPEN, ...seen(ft(4) - just) },
  ],
  'one-wire-hangs': [cover('brush'), cover('dock')],
  'swim-guard-just-enough': [
    { ...HIGH, ...cover('brush', 'medium') },
    { ...HIGH, ...cover('brush', 'thick') },
  ],
  'guardless-buried-in-junk': [JUNK, cover('brush', 'thick')],
  'guard-keeps-it-simple': [cover('brush', 'thick'), JUNK],
};
