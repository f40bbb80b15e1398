import { tempCFromF } from '../units/units';
import type { Water } from './schema';

/** Below it water takes the breath of who falls in, °F. @source craft-practice */
const COLD_WATER_F = 60;
export const isColdWater = ({ temperatureC }: Pick<Water, 'temperatureC'>): boolean =>
  temperatureC < tempCFromF(COLD_WATER_F);
