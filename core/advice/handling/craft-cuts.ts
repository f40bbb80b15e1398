import { guardToPointMm, PAST_POINT_MM } from '../../hold/guard';
import { HOOKS } from '../../tackle/hooks';
import { ribsMm } from '../../tackle/ribs';
import type { HandlingRule } from './handling-rule';

/** What the words of the craft amount to in millimetres, strands and fibres. @source craft-practice */
const RIBS = 4;
const AN_INCH_MM = 25.4;
const THINNED = 12;
const A_LITTLE_MM = 6;
const NUB_MM = 5;
const SMALL_PLATE_MM = 89;
const HARD_MM = 6;
const OPEN_FIBRES = 14;
const BEHIND_HOOK_MM = 4;
type Edits = NonNullable<HandlingRule['edits']>;
export const fourRibs: Edits = ({ rig }) => {
  const rib = ribsMm(rig.trailer!.kind, rig.trailer!.lengthMm)[RIBS - 1];
  return rib === undefined ? [] : [['nose', Math.round(rib * 10) / 10]];
};
export const fourRibsAndSplit: Edits = (held) => [...fourRibs(held), ['split', 'yes']];
export const skirtBehindHook: Edits = ({ rig }) => [
  ['skirt-length', HOOKS[rig.head.hook.size].reachMm + BEHIND_HOOK_MM],
];
/** only where the skirt is the longer */
export const skirtToTrailer: Edits = ({ rig }) => {
  const endsMm = Math.round(rig.trailer!.lengthMm - rig.trailer!.cutNoseMm - rig.trailer!.cutTailMm);
  return rig.skirt && rig.skirt.lengthMm > endsMm ? [['skirt-length', endsMm]] : [];
};
export const theNub: Edits = () => [['nose', NUB_MM]];
export const anInchOffTheNose: Edits = () => [['nose', AN_INCH_MM]];
export const thinned: Edits = () => [['thin', THINNED]];
export const halfOff: Edits = ({ rig }) => [['nose', Math.round(rig.trailer!.lengthMm / 2)]];
export const aLittleOffTheTail: Edits = () => [['tail', A_LITTLE_MM]];
export const downToASmallPlate: Edits = ({ rig }) => [['nose', Math.round(rig.trailer!.lengthMm - SMALL_PLATE_MM)]];
export const pushedHard: Edits = () => [['push', HARD_MM]];
export const guardPastTheBarb: Edits = ({ rig }) => [
  ['guard-length', Math.round(guardToPointMm(rig) + PAST_POINT_MM.cut)],
];
export const fewerFibres: Edits = () => [['guard-fibres', OPEN_FIBRES]];
export const fannedUnlessInWings: Edits = ({ rig }) =>
  rig.guard?.spread === 'wings' ? [] : [['guard-spread', 'fanned']];
