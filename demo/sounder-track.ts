import { asSentence } from '../core';
import { DEMO_WEEKEND } from './weekend';

/** The made-up boat of Brindle Mere on its Saturday: from stop to stop in the order of the day, a step each second. */

/** Seconds spent at a stop, and on the way to the next, at a speed a boat can go: a morning in some ten minutes. */
const AT_STOP_S = 25;
const LEAST_ON_THE_WAY_S = 10;
const FULL_SPEED_MPS = 35;
const M_PER_DEGREE = 111_320;

interface Step {
  readonly lat: number;
  readonly lon: number;
  readonly depthM: number;
  readonly temperatureC: number;
}
const stops = DEMO_WEEKEND[1]!.stops;

/** From each stop to the next, and when the boat comes there. */
const legs = stops.map((from, at) => {
  const to = stops[(at + 1) % stops.length]!;
  const north = to.lat! - from.lat!;
  const east = (to.lon! - from.lon!) * Math.cos((from.lat! * Math.PI) / 180);
  const onTheWayS = Math.max(LEAST_ON_THE_WAY_S, Math.ceil((M_PER_DEGREE * Math.hypot(north, east)) / FULL_SPEED_MPS));
  return { from, to, onTheWayS };
});
const round = legs.reduce((sum, { onTheWayS }) => sum + AT_STOP_S + onTheWayS, 0);

/** Where the boat is after so many seconds; after the last stop it begins again. */
export function stepAt(second: number): Step {
  const s = second % round;
  let within = s;
  let place = 0;
  while (within >= AT_STOP_S + legs[place]!.onTheWayS) within -= AT_STOP_S + legs[place++]!.onTheWayS;
  const { from, to, onTheWayS } = legs[place]!;
  const share = Math.max(0, (within - AT_STOP_S) / onTheWayS);
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
