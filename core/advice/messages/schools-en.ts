import type { SchoolQuestion, SchoolRef } from '../../water/schema';
import type { SchoolReason } from '../schools';

/** Questions on which anglers part, as the settings name them; questions of families not judged yet have no words. */
export const QUESTION_TITLE: Partial<Readonly<Record<SchoolQuestion, string>>> = {
  weight: 'On weight',
  'mud-weight': 'Swim weight in mud',
  'mud-colour': 'Colour in mud',
  'heavy-swim-tail': 'Tail on a heavy swim jig',
  'swim-bottom': 'Swim jig on the bottom',
  'trailer-colour': 'Trailer against skirt',
  'colour-order': 'Colour goes by',
  'pointed-in-wood': 'Pointed nose in wood',
  'football-in-rock': 'Football in rock',
  'vertical-tie': 'Tie straight up',
  guard: 'Guard in cover',
  'grass-weight': 'Weight in grass',
  'grass-jig': 'Jig in grass',
  'clear-water': 'In clear water',
  'cold-brake': 'To slow it in the cold',
  'cold-action': 'Action in the cold',
  'trailer-matters': 'Size of a swim tail',
  'skirt-flare': 'A skirt that puffs',
  'kick-by': 'Motion goes by',
};

interface SchoolWords {
  readonly name: string;
  readonly says: string;
}

/** What each school is called and says, in the app's voice. */
export const SCHOOL_WORDS: Partial<Readonly<Record<SchoolRef, SchoolWords>>> = {
  'weight:heaviest': {
    name: 'heaviest',
    says: 'Step the weight up until casting, snags or refusals stop you: more presentations in a day and better contact.',
  },
  'weight:slow-hand': {
    name: 'slow hand',
    says: 'Take a lighter head and a bigger trailer: it slows your hand and works a spot to the full; at rest both look alike.',
  },
  'mud-weight:light-high': {
    name: 'light and high',
    says: 'A very light swimmer stays up and creeps where they can find it.',
  },
  'mud-weight:one-weight-big-trailer': {
    name: 'same weight, big trailer',
    says: 'Keep 3/8 so that it casts, and let a bigger trailer slow it.',
  },
  'mud-colour:dark': { name: 'dark', says: 'A dark outline is what stands out when little light is left.' },
  'mud-colour:bright': { name: 'bright', says: 'Bright skirt and metal, so that anything shows at all.' },
  'mud-colour:natural-core': {
    name: 'natural, bright core',
    says: 'Stay natural while everybody goes dark, and hide a bright core where they should bite.',
  },
  'mud-colour:black-chartreuse': { name: 'black and chartreuse', says: 'Outline and signal at once.' },
  'heavy-swim-tail:rolling': {
    name: 'rolling',
    says: 'A wide kick pins the skirt on a heavy head; a rolling tail does not.',
  },
  'heavy-swim-tail:oversize': { name: 'oversize', says: 'Only a tail of five inches rocks a heavy head.' },
  'swim-bottom:never-rest': {
    name: 'keep it up',
    says: 'A narrow head falls over when it rests: keep it off the bottom.',
  },
  'swim-bottom:creep': { name: 'creep it', says: 'In the cold crawl it along the bottom into things, always moving.' },
  'trailer-colour:match': { name: 'match', says: 'One tone from nose to tail looks like one animal.' },
  'trailer-colour:accent': { name: 'accent', says: 'A shade apart, by sun and clarity.' },
  'trailer-colour:contrast': { name: 'contrast', says: 'Let the trailer stand out.' },
  'colour-order:forage-first': { name: 'their food', says: 'Match what they eat before anything else.' },
  'colour-order:clarity-first': { name: 'light and clarity', says: 'Match the light and the water before the food.' },
  'colour-order:colour-last': { name: 'hardly at all', says: 'Action and weight first; any sensible colour does.' },
  'pointed-in-wood:avoid': { name: 'avoid', says: 'It wedges in a fork for good.' },
  'pointed-in-wood:use': { name: 'use flat points', says: 'A flat nose that comes to a point passes everything.' },
  'football-in-rock:use': { name: 'plain', says: 'It rocks, walks and pops free; that is the point of it.' },
  'football-in-rock:cammed': { name: 'with cams', says: 'Plain ones wedge; cams roll the head over and out.' },
  'vertical-tie:vertical-only': { name: 'for lift and drop', says: 'Good under the rod, and only there.' },
  'vertical-tie:avoid': { name: 'avoid', says: 'Pulled, the hook swings out sideways before the head turns.' },
  'guard:tune': { name: 'tune the guard', says: 'Cut it past the barb, fan or split it: a tuned guard is enough.' },
  'guard:guardless': { name: 'no guard', says: 'A guard pushes the hook flat: use a screw keeper and bury the point.' },
  'grass-weight:float-over': { name: 'ride over it', says: 'The lightest stays on top of the weed.' },
  'grass-weight:punch-through': { name: 'go through it', says: 'A heavy one breaks through and drops back in.' },
  'grass-jig:pointed-jig': { name: 'pointed jig', says: 'A pointed, guarded jig opens the stems.' },
  'grass-jig:worm-rig': { name: 'worm rig', says: 'A weedless worm rig slides in and out faster than any jig.' },
  'grass-jig:skirted-punch': {
    name: 'punching weight',
    says: 'A bullet weight with a skirt goes where a guard stops.',
  },
  'clear-water:biggest-they-take': {
    name: 'biggest they take',
    says: 'Start big, step down when refused, and stop while it is still a jig.',
  },
  'clear-water:leave-the-jig': { name: 'leave the jig', says: 'A worm rig looks more natural in clear water.' },
  'clear-water:thin-and-move': { name: 'thin and moving', says: 'Thin the skirt and never let it rest.' },
  'clear-water:still-bulk': { name: 'still bulk', says: 'Bulky, with no action at all.' },
  'cold-brake:still-chunk': { name: 'chunk', says: 'In the cold bulk without swimming.' },
  'cold-brake:claw-brake': { name: 'big claws', says: 'Claws brake the fall; in the cold they hardly kick anyway.' },
  'cold-action:still': { name: 'none', says: 'Bulk that holds still.' },
  'cold-action:soft-mover': {
    name: 'softest that moves',
    says: 'The softest tail still moves in the cold, and that is enough.',
  },
  'cold-action:tight': { name: 'narrow wiggle', says: 'A tight wiggle, nothing broad.' },
  'trailer-matters:always': { name: 'always match it', says: 'Tail and head have to match at every weight.' },
  'trailer-matters:above-quarter': { name: 'above 1/4 oz', says: 'Up to about 1/4 oz any small tail works.' },
  'skirt-flare:want': { name: 'wanted', says: 'A skirt that opens on stops and bumps makes them strike.' },
  'skirt-flare:hide': { name: 'hidden', says: 'In clean water a puffing skirt looks wrong.' },
  'kick-by:season': { name: 'season', says: 'Warm months want a kick, cold ones none.' },
  'kick-by:visibility': { name: 'visibility', says: 'Murk and low light want a kick, clear water less.' },
  'kick-by:mood': { name: 'mood', says: 'Feeding fish want a kick, slow ones none.' },
};

/** Why a school answers on this water. */
export const SCHOOL_BECAUSE: Readonly<Record<SchoolReason, string>> = {
  chosen: 'because you chose it',
  cold: 'because the water is this cold',
  inactive: 'because they are inactive',
  saturate: 'because you mean to work each spot to the full',
  usual: 'because nothing here speaks against it',
  'in-cover': 'because they hold in cover',
  muddied: 'because a clear water has muddied',
  riprap: 'because of the riprap',
  forks: 'because branches fork here',
  junk: 'because the cover is this thick and mixed',
  'above-weed': 'because the lure should stay above the weed',
  'under-weed': 'because the lure should get into the weed',
  pressured: 'because they are fished over much',
  'forage-known': 'because you know what they eat',
  'forage-unknown': 'because nobody knows what they eat',
  moving: 'because the lure keeps moving',
  'clear-bottom': 'because the water is clear and the jig sits on the bottom',
  'all-speak': 'because all of them have a point',
};
