/** Whether rod, reel and line carry a rig, by how much, and what would. */
export { bestGear, gearAt, usablePlaces, type BestGear, type GearOfBox } from './best-gear';
export { cheapestChange, type ChangedGear, type GearChange } from './change';
export { gearNamed, type GearTrays } from './named-gear';
export { isTooMuchGear, ownGear } from './own-gear';
export {
  carries,
  fishedOf,
  fishedOn,
  isEnough,
  MARGIN_IDS,
  marginsOf,
  planWithLine,
  weakestOf,
  type Fished,
  type Gear,
  type HowFished,
  type Line,
  type Margin,
  type MarginId,
  type Reel,
  type Rod,
} from './margins';
