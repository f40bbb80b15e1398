import type { CautionId } from '../../ticket/cautions';
import type { RigTray } from '../../rig/parts/box';
import type { Nose } from '../../tackle/heads';
import type { CoverKind } from '../../water/schema';
import type { Excluded } from '../../advice/conditions/excluded';
import type { WantId } from '../../advice/rules/rule';

/** Names people see for ids. */
export const WANT_TITLE: Readonly<Record<WantId, string>> = {
  fall: 'Fall',
  weight: 'Head weight',
  push: 'Push',
  show: 'Motion',
  length: 'Length',
  ratio: 'Depth of body',
  snag: 'Snag-proof',
  run: 'Runs at',
  hold: 'Holds at',
  window: 'Speed margin',
  kick: 'Kick',
};

export const COVER_NAME: Readonly<Record<CoverKind, string>> = {
  open: 'open water',
  rock: 'rock',
  riprap: 'riprap',
  ledge: 'ledge',
  'gravel-bar': 'gravel bar',
  brush: 'brush',
  laydown: 'laydown',
  hardwood: 'hardwood',
  stumps: 'stumps',
  dock: 'dock',
  houseboat: 'houseboat',
  'grass-submerged': 'grass below',
  'grass-matted': 'matted grass',
  pads: 'lily pads',
  reeds: 'reeds',
  'flooded-bush': 'hedgerow',
};

export const NOSE_NAME: Readonly<Record<Nose, string>> = {
  round: 'round-nosed',
  'flat-pointed': 'flat-nosed',
  pointed: 'pointed',
};

export const MISSING_PART: Readonly<Record<RigTray, string>> = {
  heads: 'No head in this box, so no rig can be built: add a head, import a list, or rank from every kind there is.',
  skirts: 'No loose skirt in this box: only heads that came dressed wear one.',
  trailers: 'No trailer in this box: rigs are ranked without plastic. Add one and the order will change.',
};

/** What the rules of a place leave out, by how many heads. */
export const EXCLUDED_TEXT: Readonly<Record<Excluded['by'], (heads: number) => string>> = {
  lead: (heads) =>
    `The rules you entered for this place forbid lead: ${heads} ${heads === 1 ? 'head is' : 'heads are'} left out. Tungsten, bismuth and brass stay.`,
  hooks: () =>
    'The rules you entered for this place allow no hook on the line, so nothing can be picked. If that is not so, correct “hooks to a line”.',
};

/** How many unknown colours are named. */
const NAMED_COLOURS = 3;

/** Colours of a box that are no words of ours. */
export function unknownColoursText(names: readonly string[]): string {
  const named = names.slice(0, NAMED_COLOURS).map((name) => `“${name}”`);
  const more = names.length > NAMED_COLOURS ? ` and ${names.length - NAMED_COLOURS} more` : '';
  return `No colour Pandero knows: ${named.join(', ')}${more}. It counts as natural; use plain words such as green pumpkin, black/blue or white.`;
}

export const TOO_MANY_PAIRS =
  'This box holds so many different heads and trailers that comparing them all would take minutes. Mark what you do not fish as used up, or rank from every kind there is.';

export const CAUTION_TEXT: Readonly<Record<CautionId, string>> = {
  'bare-hook': 'Keep the hook away from faces and hands; have pliers ready, and crush the barb where fish go back.',
  'embedded-hook': 'A hook deep in skin is a matter for a doctor.',
  'snag-recoil':
    'Pulling a snag free can send the lead back at you: turn away, shade your eyes, straight line and steady pull.',
  lead: 'Lead: wash your hands after handling it, keep it from children, and check whether this water restricts it.',
  'local-rules': 'Local rules and your licence come first: hooks to a line, seasons, length limits.',
  'cold-water': 'The water is cold enough to take your breath: wear the life jacket, closed.',
  'torn-plastic': 'Take torn plastic home; none of it belongs in the water.',
  handling: 'Wet your hands before you hold a fish, support it, and let it go soon.',
};

/** Several rigs of a family, inside a sentence. */
export const FAMILY_NAME = { skirted: 'jigs', vibrating: 'vibrating jigs', spinner: 'spinnerbaits' } as const;
