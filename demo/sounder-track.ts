import { asSentence } from '../core';
import { DEMO_WEEKEND } from './weekend';

/** The made-up boat of Brindle Mere on its Saturday: from stop to stop in the order of the day, a step each second. */

/** Seconds spent at a stop, and on the way to the next: a morning in a few minutes. */
const AT_STOP_S = 25;
const ON_THE_WAY_S = 10;

interface Step {
  readonly lat: number;
  readonly lon: number;
  readonly depthM: number;
  readonly temperatureC: number;
}
const stops = DEMO_WEEKEND[1]!.stops;

/** Where the boat is after so many seconds; after the last stop it begins again. */
export function stepAt(second: number): Step {
  const round = stops.length * (AT_STOP_S + ON_THE_WAY_S);
  const s = second % round;
  const place = Math.floor(s / (AT_STOP_S + ON_THE_WAY_S));
  const within = s - place * (AT_STOP_S + ON_THE_WAY_S);
  const [from, to] = [stops[place]!, stops[(place + 1) % stops.length]!];
  const share = Math.max(0, (within - AT_STOP_S) / ON_THE_WAY_S);
  const mix = (a: number, b: number): number => a + (b - a) * share;
  // waves and an uneven bottom: the same every time
  const wave = 0.08 * Math.sin(second / 3) + 0.05 * Math.sin(second / 7);
  return {
    lat: mix(from.lat!, to.lat!),
    lon: mix(from.lon!, to.lon!),
    depthM: Math.max(0.4, mix(from.water.depthM, to.water.depthM) + wave),
    temperatureC: 13.2 + (3 * s) / round,
  };
}

const two = (value: number): string => String(Math.floor(value)).padStart(2, '0');
const degrees = (value: number, wide: number): string => {
  const whole = Math.floor(Math.abs(value));
  return `${String(whole).padStart(wide, '0')}${(60 * (Math.abs(value) - whole)).toFixed(4).padStart(7, '0')}`;
};

/** Sentences of a second of the track. */
export function sentencesAt(second: number): readonly string[] {
  const { lat, lon, depthM, temperatureC } = stepAt(second);
  const clock = (8 * 3600 + 40 * 60 + second) % 86_400;
  const time = `${two(clock / 3600)}${two((clock / 60) % 60)}${two(clock % 60)}`;
  const place = `${degrees(lat, 2)},${lat < 0 ? 'S' : 'N'},${degrees(lon, 3)},${lon < 0 ? 'W' : 'E'}`;
  return [
    asSentence(`GPRMC,${time},A,${place},2.1,084.4,260926,,`),
    // the transducer hangs 0.3 m deep
    asSentence(`SDDPT,${(depthM - 0.3).toFixed(2)},0.3`),
    ...(second % 3 === 0 ? [asSentence(`YXMTW,${temperatureC.toFixed(1)},C`)] : []),
    ...(second % 5 === 0 ? [asSentence('GPGSA,A,3,04,05,,09,12,,,24,,,,,2.5,1.3,2.1')] : []),
  ];
}
