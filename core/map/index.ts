/** The decision map: the first pick over two sides of a water. */
export { cellValue, MAP_AXES, mapPlan, placeOfWater, waterAt, waterLater, type MapAxis, type MapPlan } from './axes';
export { MapRefinement, type Cell } from './refine';
export { regionsOf, type Region } from './regions';
export { isSameWinner, MAP_CHANGES, partsThatDiffer, winnerKey, winnerOf, type MapChange, type Winner } from './winner';
