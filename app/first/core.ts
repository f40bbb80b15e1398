/** What is computed at the first view: read in a task of its own. */
export { parseWater } from '@core';
