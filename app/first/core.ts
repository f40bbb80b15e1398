/** The part of the core the first view needs, evaluated in a task of its own. */
export { parseWater } from '@core';
