/** The decision map: the first pick over two sides of a water. */
export {
  cellOfWater,
  cellValue,
  MAP_AXES,
  mapPlan,
  placeOfWater,
  sideOfWater,
  waterAt,
  waterLater,
  type Cell,
  type MapAxis,
  type MapPlan,
} from './axes';
export { MapRefinement } from './refine';
export { regionsOf, type Region } from './regions';
export {
  isSameWinner,
  MAP_CHANGES,
  partsThatDiffer,
  winnerKey,
  winnersOf,
  type MapChange,
  type Winner,
} from './winner';
