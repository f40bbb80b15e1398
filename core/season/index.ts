/** The season clock: a year at one place. */
export {
  CLIMATES,
  MONTHS,
  monthWater,
  numbered,
  startingYear,
  turningPoints,
  yearSchema,
  type Climate,
  type TurningPoint,
  type Year,
  type YearChange,
} from './year';
