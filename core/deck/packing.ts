import { cutList } from '../bench/cut-list';
import type { Box, Tray } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import { isColdWater } from '../water/cold-water';
import type { Water } from '../water/schema';
import { partsOf } from './candidates';
import type { StopTime } from './day';
import type { MadePlan } from './trip';

/** A part to take along: how many are tied, and how many more in case. */
export interface Packed {
  readonly tray: Tray;
  readonly place: number;
  readonly count: number;
  /** further ones, as far as the box has them */
  readonly spare: number;
}

/** What else goes into the boat. */
export const TOOLS = [
  'licence',
  'life-jacket',
  'pliers',
  'scissors',
  'blade',
  'eye-protection',
  'lamp',
  'warm-clothes',
  'bag',
] as const;
export type Tool = (typeof TOOLS)[number];

export interface PackingList {
  readonly parts: readonly Packed[];
  readonly tools: readonly Tool[];
}

/** Heads lost in cover a day, and minutes a trailer lasts. @source adr-0030 */
const HEADS_LOST = 1;
const TRAILER_LASTS_MIN = 90;
/** Lower than this the sun gives no light to tie by, degrees. */
const DARK_DEG = 0;

const isSnaggy = ({ cover }: Water): boolean => cover.some(({ kind }) => kind !== 'open');

/** The single or treble of a box that goes on as a trailer hook. */
function trailerHookOf({ trailerHook }: Rig, { hooks }: Box): number | null {
  if (!trailerHook) return null;
  const at = hooks.findIndex(({ kind, size }) => kind === trailerHook.kind && size === trailerHook.size);
  return at === -1 ? null : at;
}

/**
 * Everything a plan takes along.
 * @param times  of the stops, with their waters
 */
export function packingOf(
  plan: MadePlan,
  box: Box,
  times: readonly Pick<StopTime, 'fromMin' | 'toMin' | 'water' | 'sunDeg'>[],
): PackingList {
  const packed = new Map<string, { count: number; wished: number }>();
  const take = (tray: Tray, place: number, count: number, wished: number): void => {
    const row = packed.get(`${tray} ${place}`) ?? { count: 0, wished: 0 };
    packed.set(`${tray} ${place}`, { count: row.count + count, wished: Math.max(row.wished, wished) });
  };
  const rods = new Set<number>();
  for (const { rod, reel, line, rig, base, stops } of plan.rods) {
    if (!rods.has(rod)) {
      take('rods', rod, 1, 0);
      take('reels', reel, 1, 0);
      take('lines', line, 1, 0);
      rods.add(rod);
    }
    const own = stops.flatMap((stop) => times[stop] ?? []);
    const minutes = own.reduce((total, { fromMin, toMin }) => total + toMin - fromMin, 0);
    for (const part of partsOf(base ?? rig, box)) {
      const [tray, at] = part.split(' ') as ['heads' | 'skirts' | 'trailers', string];
      const wished =
        tray === 'heads'
          ? own.some(({ water }) => isSnaggy(water))
            ? HEADS_LOST
            : 0
          : tray === 'trailers'
            ? Math.ceil(minutes / TRAILER_LASTS_MIN)
            : 0;
      take(tray, Number(at), 1, wished);
    }
    const hook = trailerHookOf(rig, box);
    if (hook !== null) take('hooks', hook, 1, 1);
  }
  const order: readonly Tray[] = ['rods', 'reels', 'lines', 'heads', 'skirts', 'trailers', 'hooks'];
  const parts = [...packed]
    .map(([key, { count, wished }]): Packed => {
      const [tray, at] = key.split(' ') as [Tray, string];
      const place = Number(at);
      const left = (box[tray][place]?.quantity ?? Infinity) - count;
      return { tray, place, count, spare: Math.max(0, Math.min(wished, left)) };
    })
    .sort((a, b) => order.indexOf(a.tray) - order.indexOf(b.tray) || a.place - b.place);
  const steps = plan.rods.flatMap(({ rig, base }) => cutList(rig, base));
  const hasCold = times.some(({ water }) => isColdWater(water));
  const needs: Readonly<Record<Tool, boolean>> = {
    licence: true,
    'life-jacket': true,
    pliers: true,
    scissors: steps.length > 0,
    blade: steps.some(({ edit }) => edit !== null),
    'eye-protection': times.some(({ water }) => isSnaggy(water)),
    lamp: times.some(({ sunDeg }) => sunDeg !== null && sunDeg < DARK_DEG),
    'warm-clothes': hasCold,
    bag: plan.rods.some(({ rig }) => rig.trailer !== null && rig.trailer !== undefined),
  };
  return { parts, tools: TOOLS.filter((tool) => needs[tool]) };
}
