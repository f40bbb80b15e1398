import type { BreaksDown } from '../../tank/breaks-down';
import type { HappeningKind } from '../../tank/happenings';
import type { ProgrammeId } from '../../tank/programmes';
import type { Works } from '../../tank/sweeps';
import type { Measure } from '../../tank/numbers';
import type { Cause } from '../../tank/versus';

/** Programmes, and what each is for. */
export const PROGRAMME_TEXT: Readonly<Record<ProgrammeId, { readonly name: string; readonly says: string }>> = {
  steady: {
    name: 'Steady',
    says: 'Half way down, then back at one pace: for a tail or a plate that does the work itself.',
  },
  'slow-roll': {
    name: 'Slow roll',
    says: 'To the bottom, then just fast enough to lift off it, blades barely turning: cold or dirty water.',
  },
  burn: { name: 'Burn', says: 'Fast and high, so that they have no time to look: warm, clear water.' },
  wake: { name: 'Wake', says: 'Rod up and fast enough to bulge the surface without breaking it: low light over weed.' },
  'shake-high': {
    name: 'Shake high',
    says: 'Rod up, shaking all the way, so that it stays in sight: over weed and along its edge.',
  },
  'creep-and-bump': {
    name: 'Creep and bump',
    says: 'Along the bottom as slowly as you can bear, into rock and wood: most bites come on the bump.',
  },
  drag: {
    name: 'Drag',
    says: 'Pulled along the bottom in stretches with rests between: for a wide head on gravel and rock.',
  },
  hop: { name: 'Hop', says: 'Lifted a hand or two and dropped again: for fish that look down, and for murk.' },
  stroke: { name: 'Stroke', says: 'A long lift and a free fall, straight under the rod: ledges and deep bars.' },
  'pitch-and-shake': {
    name: 'Pitch and shake',
    says: 'Short, straight down beside the cover, shaken on the spot, then out and on to the next.',
  },
  'rip-grass': {
    name: 'Rip grass',
    says: 'Reeled until it loads up in the weed, then ripped free: the start draws the strike.',
  },
  'yo-yo': {
    name: 'Yo-yo',
    says: 'Up with the reel, down on a dead line, again and again: for fish that hang between.',
  },
};

/** What an angler feels or sees, a few words each. */
export const HAPPENING_TEXT: Readonly<Record<HappeningKind, string>> = {
  splash: 'in the water',
  'on-bottom': 'on the bottom',
  'off-bottom': 'off the bottom',
  'into-cover': 'ticks cover',
  'out-of-cover': 'clear of cover',
  'wakes-up': 'comes alive',
  'goes-dead': 'goes dead',
  'breaks-surface': 'wakes at the surface',
  dives: 'dives again',
  'into-band': 'into the band',
  'out-of-band': 'out of the band',
  'leans-over': 'leans over',
  'line-in': 'line is in',
};

interface InUnits {
  speed(mPerS: number): string;
  depth(m: number): string;
}

/** Where a retrieve does not work. */
export function breaksDownText(found: BreaksDown, { speed, depth }: InUnits): string {
  switch (found.kind) {
    case 'too-slow':
      return `At ${speed(found.paceMps)} nothing on it is alive: it needs ${speed(found.slowestMps)}.`;
    case 'surface':
      return `At ${speed(found.paceMps)} it rides up to the surface: half way back it stays under up to ${speed(found.fastestMps)}.`;
    case 'blow-over':
      return `At ${speed(found.paceMps)} it leans over: it runs upright up to ${speed(found.fastestMps)}.`;
    case 'keeper-slip':
      return `At ${speed(found.paceMps)} the plastic is pulled off its keeper: it holds up to ${speed(found.fastestMps)}.`;
    case 'never-down':
      return `It never gets down: ${depth(found.deepestM)} of ${depth(found.depthM)}. Count longer, or tie on more weight.`;
    case 'into-cover':
      return found.times === 1 ? 'It runs into the cover once.' : `It runs into the cover ${found.times} times.`;
  }
}

export const CAUSE_TEXT: Readonly<Record<Cause, string>> = {
  weight: 'the weight of the head',
  metal: 'the metal of the head',
  head: 'the shape of the head',
  hook: 'the hook',
  guard: 'the guard',
  skirt: 'the skirt',
  trailer: 'the plastic',
  orientation: 'how the plastic is turned',
  cuts: 'the cuts',
  core: 'the core',
  blades: 'blades and arms',
};

export const MEASURE_TEXT: Readonly<Record<Measure, string>> = {
  'mid-depth': 'Depth half way back',
  'max-depth': 'Deepest',
  'in-band': 'Time in the band',
  fall: 'Free fall',
  hold: 'Speed that holds its depth',
};

export const WORKS_TEXT: Readonly<Record<Works, string>> = {
  kick: 'share of the kick',
  beat: 'beats a second',
  turns: 'turns a second',
};
