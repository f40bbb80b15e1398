import { shown, type UnitSystem } from '../../units/display';
import { inUnits } from '../../units/in-text';
import { lbfFromForceN, lengthMFromMm } from '../../units/units';
import type { FaultId } from '../../advice/checks/check';

/** Numbers of faults as people read them. */
interface Shown {
  mm(valueMm: number | undefined): string;
  speed(valueMps: number | undefined): string;
  depth(valueM: number | undefined): string;
  newton(valueN: number | undefined): string;
}

const shownIn = (system: UnitSystem): Shown => ({
  mm: (value) => shown('partLength', lengthMFromMm(value ?? 0), system),
  speed: (value) => shown('speed', value ?? 0, system),
  depth: (value) => shown('depth', value ?? 0, system),
  newton: (value) => (system === 'us' ? `${lbfFromForceN(value ?? 0).toFixed(1)} lbf` : `${(value ?? 0).toFixed(1)} N`),
});

/** What is wrong, and what cures it. */
export interface FaultWords {
  readonly says: string;
  readonly remedy: string;
}
type Data = Readonly<Record<string, number>>;

/** Words one after the other; what is nought is left out. */
const listed = (words: readonly (string | number | undefined)[]): string => words.filter(Boolean).join(' and ');

/** What is wrong with a rig or its retrieve and what cures it. */
const TEXT: Readonly<Record<FaultId, (data: Data, show: Shown) => FaultWords>> = {
  'edge-on-round-body': () => ({
    says: 'Turning a round body on edge does nothing here.',
    remedy: 'Hang it flat again, or take a flat-bodied trailer.',
  }),
  'ends-before-the-bend': ({ shortMm }, { mm }) => ({
    says: `The trailer ends ${mm(shortMm)} before the hook could come out of it: the bend stands in the open.`,
    remedy: 'Cut less off it, shorten the core, or take a longer one.',
  }),
  'skirt-hides-tail': ({ beyondMm, shortenMm }, { mm }) => ({
    says:
      (beyondMm ?? 0) < 0
        ? `The skirt reaches ${mm(-(beyondMm ?? 0))} past the trailer and hides it.`
        : `Only ${mm(beyondMm)} of trailer show behind the skirt.`,
    remedy: `Shorten the skirt by ${mm(shortenMm)} or take a longer trailer.`,
  }),
  'bare-point-in-plastic': () => ({
    says: 'No guard, and nothing to bury the point in.',
    remedy: 'Fit a guard, or use a screw keeper and bury the point in the trailer.',
  }),
  'core-longer-than-body': ({ coreMm, bodyMm }, { mm }) => ({
    says: `The core (${mm(coreMm)}) is longer than the trailer behind it (${mm(bodyMm)}).`,
    remedy: 'Cut the core to about a third of the trailer.',
  }),
  'point-stays-in-plastic': ({ freeGapMm }, { mm }) => ({
    says:
      (freeGapMm ?? 0) < 0
        ? 'The plastic is so thick over the bend that the point stays in it.'
        : `Only ${mm(freeGapMm)} of gap are free in front of the point.`,
    remedy: 'Slit the belly over the bend, or take a slimmer body.',
  }),
  'tail-too-small': ({ index }) => ({
    says: `The head is too much for this tail: it has ${Math.round(100 * (index ?? 0))} % of the swing that moves it well.`,
    remedy: 'Go up a size of tail, or cut the skirt very short.',
  }),
  'tail-too-strong': ({ index }) => ({
    says: `The tail throws this head about: ${Math.round(100 * (index ?? 0))} % of the swing that moves it well.`,
    remedy: 'Go down a size of tail, or up in head.',
  }),
  'skirt-is-pinned': ({ pinnedMps, speedMps }, { speed }) => ({
    says: `Above ${speed(pinnedMps)} the kick slaps the skirt flat; it is reeled at about ${speed(speedMps)}.`,
    remedy: 'Shorten the skirt, or take a rolling tail.',
  }),
  'rolling-tail-overpowered': () => ({
    says: 'A tail that mainly rolls is overpowered by a head of this weight: the jig goes dead.',
    remedy: 'Take a paddle-tail, which kicks wide.',
  }),
  'plastic-too-stiff': ({ onsetMps, speedMps }, { speed }) => ({
    says: `At this temperature the tail wakes at ${speed(onsetMps)}, and the rig works at ${speed(speedMps)}: it is dead.`,
    remedy: 'Take softer plastic, or a body that needs no kick.',
  }),
  'colour-unknown': () => ({
    says: 'A colour here is no word Pandero knows: it counts as natural.',
    remedy: 'Use a plain word: green pumpkin, black/blue, white.',
  }),
  'worm-rather-than-jig': () => ({
    says: 'So small and slight it is no longer a jig: it catches like a worm.',
    remedy: 'Stop at about {in 3 1/4}.',
  }),
  'plate-runs-wild': () => ({
    says: 'Too little plastic for this head: the plate throws it about and it does not come back to its line.',
    remedy: 'More ballast: a longer or stouter straight body.',
  }),
  'ribbed-tail-upright': () => ({
    says: 'Upright, what this ribbed tail pushes hampers the soft plate.',
    remedy: 'Turn it upside down.',
  }),
  'legs-behind-a-plate': () => ({
    says: 'Legs drag behind the plate and steal its darting, and here fish can see it.',
    remedy: 'Take a straight body.',
  }),
  'plate-wild-in-mud': () => ({
    says: 'It darts so far that fish in mud this thick miss it.',
    remedy: 'Hold it in place with a flapping craw.',
  }),
  'link-gathers-weed': () => ({
    says: 'The loose link of the plate gathers weed, and the cast is lost.',
    remedy: 'Take a plate that is fixed straight to the head.',
  }),
  'one-tail-on-stems': () => ({
    says: 'With a single tail it turns over on stems and wood, and the plate no longer shields the hook.',
    remedy: 'Take a trailer with two legs beside each other.',
  }),
  'bulk-behind-blades': () => ({
    says: 'So bulky a trailer turns a spinnerbait over.',
    remedy: 'Take it off, or use something slim.',
  }),
  'tail-lifts-blades-over-weed': () => ({
    says: 'Over weed a tail lifts it, and you have to slow down to keep it there.',
    remedy: 'Take the trailer off.',
  }),
  'large-round-blade-in-weed': () => ({
    says: 'A round blade this large fouls in weed.',
    remedy: 'Number 4 at most, or a long blade.',
  }),
  'long-arm-over-wood': () => ({
    says: 'An arm this long flips over branches and hangs.',
    remedy: 'Take the shortest arm you have.',
  }),
  'wide-arms-in-weed': () => ({
    says: 'Arms this wide hang in weed.',
    remedy: 'Press them together.',
  }),
  'arm-out-of-line': ({ twistDeg }) => ({
    says: `The arm stands ${Math.abs(Math.round(twistDeg ?? 0))}° out of line with the hook: it will run on its side.`,
    remedy: `Bend it back to the ${(twistDeg ?? 0) > 0 ? 'left' : 'right'}, looking at it head-on.`,
  }),
  'second-hook-too-large': () => ({
    says: 'A trailer hook this large gets in the way and costs bites.',
    remedy: 'Small and stiff: 1/0, or 2/0 for a treble.',
  }),
  'second-hook-down-near-cover': () => ({
    says: 'Point down, the trailer hook hangs on everything here.',
    remedy: 'Turn its point up; down is for open water.',
  }),
  'treble-near-cover': () => ({
    says: 'A treble takes hold of whatever the lure bumps into here.',
    remedy: 'A small single, point up, or none.',
  }),
  'not-allowed-here': ({ hooks, lead, treble, trailerHook }) => ({
    says: hooks
      ? 'The rules you entered for this place allow no hook.'
      : `The rules you entered for this place forbid ${listed([lead && 'lead', treble && 'a treble', trailerHook && 'a trailer hook'])}.`,
    remedy: hooks
      ? 'If that is not so, correct “hooks to a line”.'
      : `${[lead && 'Take a head of another metal.', (treble || trailerHook) && 'Take the hook off the bend.'].filter(Boolean).join(' ')}`,
  }),
  'guard-holds-point-flat': () => ({
    says: 'The guard holds the hook down: pulled, it lies flat instead of turning up.',
    remedy: 'Fan the fibres, and take some out if that is not enough.',
  }),
  'guard-too-stiff': ({ collapseN }, { newton }) => ({
    says: `The guard takes ${newton(collapseN)} to lie down: fish are lost to it.`,
    remedy: 'Fan it or part it into wings before you remove fibres.',
  }),
  'guard-off-the-barb': ({ pastMm }, { mm }) => ({
    says:
      (pastMm ?? 0) < 1
        ? 'The guard ends short of the point: it hangs up.'
        : `The guard ends ${mm(pastMm)} past the point: it is in the way.`,
    remedy: 'Let it end just past the barb.',
  }),
  'tie-swings-hook-out': () => ({
    says: 'A tie straight up on a bare hook swings the hook out before the head turns.',
    remedy: 'Fit a guard, or take another head.',
  }),
  'one-wire-in-twigs': () => ({
    says: 'A single guard wire hangs on twigs and stems.',
    remedy: 'Fit a brush.',
  }),
  'wire-outguns-line': ({ neededN, arrivesN }, { newton }) => ({
    says: `This hook needs ${newton(neededN)} to go home, and half a cast out this line brings ${newton(arrivesN)}.`,
    remedy: 'Stouter line, or a finer wire.',
  }),
  'line-outguns-wire': ({ opensN }, { newton }) => ({
    says: `This line can pull the hook open: it gives at ${newton(opensN)}.`,
    remedy: 'A stouter wire, or lighter line and drag.',
  }),
  'pointed-nose-in-forks': () => ({
    says: 'A pointed nose drives into forks and stays there.',
    remedy: 'Take a rounded head.',
  }),
  'football-in-riprap': () => ({
    says: 'A plain wide head wedges between blocks.',
    remedy: 'Take one with cams that roll it out.',
  }),
  'claws-in-thick-brush': () => ({
    says: 'In brush this thick big claws fold round the twigs as well.',
    remedy: 'Take a plain bug, or a chunk.',
  }),
  'ball-head-in-weed': () => ({
    says: 'A ball with its tie on top gathers weed and tips over.',
    remedy: 'A head whose tie sits at the nose.',
  }),
  'lively-for-cold-fish': () => ({
    says: 'Kicking claws ask more of fish this cold and slow than they will give.',
    remedy: 'Bulk that lies still: a plain bug, or a chunk.',
  }),
  'legs-in-branches': () => ({
    says: 'Kicking legs wrap round twigs and dig into weed.',
    remedy: 'Take a plain bug.',
  }),
  'edge-in-a-mat': () => ({
    says: 'On edge it digs into the mat.',
    remedy: 'Hang it with its face level.',
  }),
  'skirt-too-bulky-for-clear': () => ({
    says: 'So bulky a skirt is refused in water this clear.',
    remedy: 'Thin it to about forty strands; clip them, do not pull.',
  }),
  'too-bright-for-clear': () => ({
    says: 'So bright a skirt puts fish off where they see this well.',
    remedy: 'Tone it down.',
  }),
  'not-the-colour-of-their-food': () => ({
    says: 'The skirt has another colour than what they eat.',
    remedy: 'Match their food.',
  }),
  'swim-jig-reeled-straight': () => ({
    says: 'Reeled straight, a swim jig whose tail does not fit it just slides along.',
    remedy: 'Shake it all the way.',
  }),
  'rod-too-low': ({ tipM }, { depth }) => ({
    says: `With the tip ${depth(tipM)} over the water a swim jig cannot be held up.`,
    remedy: 'Rod at ten to twelve o’clock: tip at {m 2.5}.',
  }),
  'reeled-to-the-top': ({ topMps, speedMps }, { speed }) => ({
    says: `At ${speed(speedMps)} it comes to the top; it does so from ${speed(topMps)} on.`,
    remedy: 'Slower: high is not the same as fast.',
  }),
  'swim-jig-left-to-rest': () => ({
    says: 'Left this long, a swim jig reaches the bottom and falls over.',
    remedy: 'Rest it half a second at most.',
  }),
  'swim-jig-hopped': () => ({
    says: 'A swim head falls over when it is hopped along the bottom.',
    remedy: 'Creep it without a stop, or take a casting head.',
  }),
  'vertical-head-dragged': () => ({
    says: 'Tied in its middle, a vertical head digs in when it is dragged.',
    remedy: 'Lift and drop it under the rod.',
  }),
  'plastic-slides-off': ({ slipMps, speedMps }, { speed }) => ({
    says: `From ${speed(slipMps)} on the water pulls the plastic off its keeper; it is reeled at ${speed(speedMps)}.`,
    remedy: 'A screw keeper, slower, or a body without a kick.',
  }),
  'reeled-too-slowly-to-work': ({ slowestMps, speedMps }, { speed }) => ({
    says: `At ${speed(speedMps)} nothing on it works; it starts at ${speed(slowestMps)}.`,
    remedy: 'Faster.',
  }),
  'blades-blow-over': ({ overMps, speedMps }, { speed }) => ({
    says: `At ${speed(speedMps)} it blows over; it does so from ${speed(overMps)} on.`,
    remedy: 'Slower, a straight arm, or no bulky trailer.',
  }),
  'runs-into-the-weed': ({ runsM, topM }, { depth }) => ({
    says: `Half way back it runs at ${depth(runsM)}, and the weed starts at ${depth(topM)}.`,
    remedy: 'Faster, or a flat body with its face level.',
  }),
  'runs-outside-the-wanted-band': ({ runsM, fromM, toM }, { depth }) => ({
    says: `Half way back it runs at ${depth(runsM)}, wanted is ${depth(fromM)} to ${depth(toM)}.`,
    remedy: 'Turn the trailer before you change the lure, then change the pace.',
  }),
  'crept-through-mud': () => ({
    says: 'Crept through mud this thick it is found too slowly.',
    remedy: 'Hop it hard: felt first, seen second.',
  }),
};

/** A fault and its remedy in words. */
export function faultText(id: FaultId, data: Data, system: UnitSystem): FaultWords {
  const { says, remedy } = TEXT[id](data, shownIn(system));
  return { says: inUnits(says, system), remedy: inUnits(remedy, system) };
}
