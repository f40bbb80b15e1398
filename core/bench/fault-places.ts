import { guardLine, trailerFromMm } from '../rig/outline/rig-outline';
import { skirtReachMm } from '../rig/outline/skirt-outline';
import { armMarks } from '../rig/outline/frame-outline';
import { hookMarks } from '../rig/outline/hook-shape';
import { exitFromNoseMm, type RigBody } from '../rig/body/body';
import { CRAWL_MPS } from '../rig/body/skirt-shape';
import type { PointMm } from '../rig/outline/curve';
import type { Rig } from '../rig/parts/schema';
import { HEADS } from '../tackle/heads';
import { mmFromLengthM } from '../units/units';
import type { FaultId } from '../advice/checks';

/** Places of a build from the side where something can be wrong. */
type Place =
  | 'head'
  | 'tie'
  | 'point'
  | 'exit'
  | 'guard-tip'
  | 'skirt-end'
  | 'trailer'
  | 'tail'
  | 'core'
  | 'arm'
  | 'blade'
  | 'second-hook';

/** Where each fault sits; faults of the retrieve sit nowhere on the rig. */
const PLACE: Readonly<Record<FaultId, Place | null>> = {
  'edge-on-round-body': 'trailer',
  'ends-before-the-bend': 'exit',
  'skirt-hides-tail': 'skirt-end',
  'bare-point-in-plastic': 'point',
  'core-longer-than-body': 'core',
  'point-stays-in-plastic': 'point',
  'tail-too-small': 'tail',
  'tail-too-strong': 'tail',
  'skirt-is-pinned': 'skirt-end',
  'rolling-tail-overpowered': 'tail',
  'plastic-too-stiff': 'tail',
  'legs-behind-a-plate': 'tail',
  'plate-runs-wild': 'blade',
  'plate-wild-in-mud': 'blade',
  'ribbed-tail-upright': 'tail',
  'link-gathers-weed': 'blade',
  'one-tail-on-stems': 'tail',
  'bulk-behind-blades': 'trailer',
  'tail-lifts-blades-over-weed': 'tail',
  'large-round-blade-in-weed': 'blade',
  'long-arm-over-wood': 'arm',
  'wide-arms-in-weed': 'arm',
  'arm-out-of-line': 'arm',
  'second-hook-too-large': 'second-hook',
  'second-hook-down-near-cover': 'second-hook',
  'treble-near-cover': 'second-hook',
  'guard-holds-point-flat': 'guard-tip',
  'guard-too-stiff': 'guard-tip',
  'guard-off-the-barb': 'guard-tip',
  'tie-swings-hook-out': 'tie',
  'one-wire-in-twigs': 'guard-tip',
  'wire-outguns-line': 'point',
  'line-outguns-wire': 'point',
  'pointed-nose-in-forks': 'head',
  'football-in-riprap': 'head',
  'legs-in-branches': 'tail',
  'claws-in-thick-brush': 'tail',
  'ball-head-in-weed': 'tie',
  'lively-for-cold-fish': 'tail',
  'edge-in-a-mat': 'trailer',
  'skirt-too-bulky-for-clear': 'skirt-end',
  'too-bright-for-clear': 'skirt-end',
  'not-the-colour-of-their-food': 'skirt-end',
  'colour-unknown': 'skirt-end',
  'worm-rather-than-jig': 'trailer',
  'not-allowed-here': 'head',
  'swim-jig-reeled-straight': null,
  'rod-too-low': null,
  'reeled-to-the-top': null,
  'swim-jig-left-to-rest': null,
  'swim-jig-hopped': null,
  'vertical-head-dragged': null,
  'plastic-slides-off': 'trailer',
  'reeled-too-slowly-to-work': null,
  'blades-blow-over': 'blade',
  'runs-into-the-weed': null,
  'runs-outside-the-wanted-band': null,
  'crept-through-mud': null,
};

function placesOf(rig: Rig, body: RigBody): Readonly<Record<Place, PointMm>> {
  const headMm = mmFromLengthM(body.head.lengthM);
  const heightMm = mmFromLengthM(body.head.heightM);
  const { point, bend } = hookMarks(rig.head.hook);
  const { root, angleRad } = guardLine(rig, body);
  const guardMm = rig.guard?.lengthMm ?? 0;
  const nose = trailerFromMm(rig, body);
  const trailerMm = body.trailer ? mmFromLengthM(body.trailer.lengthM) : 0;
  const { tie, tip } = armMarks(rig);
  const reach = body.skirt && rig.skirt ? skirtReachMm(body.skirt, rig.skirt.lengthMm, CRAWL_MPS) : 0;
  return {
    head: [headMm / 2, heightMm / 2],
    tie: [headMm * HEADS[rig.head.style].tieAt, -heightMm / 2],
    point: [headMm + point[0], point[1]],
    exit: [nose + Math.min(exitFromNoseMm(rig), trailerMm), 0],
    'guard-tip': [root[0] + guardMm * Math.cos(angleRad), root[1] - guardMm * Math.sin(angleRad)],
    'skirt-end': [headMm + (rig.skirt?.lengthMm ?? 0) * 0.85, reach * 0.8],
    trailer: [nose + trailerMm / 2, 0],
    tail: [nose + trailerMm, 0],
    core: [headMm + (rig.core?.lengthMm ?? 0) / 2, 0],
    arm: [(tie[0] + tip[0]) / 2, (tie[1] + tip[1]) / 2],
    blade: rig.blade ? [-6, 6] : tip,
    'second-hook': [headMm + bend[0] + 12, bend[1]],
  };
}

/** Where a fault sits on the drawing from the side, mm; null where it sits in the retrieve. */
export function faultPlace(id: FaultId, rig: Rig, body: RigBody): PointMm | null {
  const place = PLACE[id];
  return place === null ? null : placesOf(rig, body)[place];
}
