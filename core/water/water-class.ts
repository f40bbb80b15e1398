import { clarityOf, type ClarityId } from './clarity';
import type { Water } from './schema';

/** Temperatures at which a water is another one to fish, °C. @source craft-practice */
const TEMPERATURES = [10, 16, 22] as const;
export const TEMPERATURE_CLASSES = ['cold', 'cool', 'mild', 'warm'] as const;
export type TemperatureClass = (typeof TEMPERATURE_CLASSES)[number];

export const temperatureClass = ({ temperatureC }: Pick<Water, 'temperatureC'>): TemperatureClass =>
  TEMPERATURE_CLASSES[TEMPERATURES.filter((limit) => temperatureC >= limit).length]!;
/** Sight class and temperature class: waters of one class are compared with each other. */
export type WaterClass = `${ClarityId}/${TemperatureClass}`;
export const waterClass = (water: Water): WaterClass => `${clarityOf(water.visibilityM)}/${temperatureClass(water)}`;
