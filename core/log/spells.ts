import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import type { HookedBy, LogEvent, Outing } from './schema';

/** A rig on a rod in one water, from the moment it was tied on: how long it was fished, and what came of it. */
export interface Spell {
  readonly outing: string;
  readonly rod: number;
  readonly rig: Rig;
  /** null where nobody said */
  readonly water: Water | null;
  readonly hours: number;
  readonly bites: number;
  readonly nips: number;
  readonly hooked: number;
  readonly landed: number;
  readonly lost: number;
  readonly snags: number;
  readonly hookedBy: Readonly<Record<HookedBy, number>>;
}

const MS_PER_HOUR = 3_600_000;
/* eslint-disable-next-line no-restricted-globals -- a moment that stands in a log; no clock is asked */
const msOf = (at: string): number => Date.parse(at);

interface Open {
  readonly rig: Rig;
  readonly rod: number;
  readonly water: Water | null;
  hours: number;
  readonly counts: { bite: number; nip: number; hooked: number; landed: number; lost: number; snag: number };
  readonly hookedBy: Record<HookedBy, number>;
}
const opened = (rig: Rig, rod: number, water: Water | null): Open => ({
  rig,
  rod,
  water,
  hours: 0,
  counts: { bite: 0, nip: 0, hooked: 0, landed: 0, lost: 0, snag: 0 },
  hookedBy: { front: 0, corner: 0, 'trailer-hook': 0 },
});

/**
 * Puts a count on a spell. A fish that was hooked, landed or lost has bitten and was hooked: who only noted the last of it is understood, and
 * nobody who noted each step is counted twice.
 */
function take(on: Open, event: LogEvent): void {
  const { counts } = on;
  if (event.what === 'tie-on' || event.what === 'put-down' || event.what === 'note') return;
  counts[event.what]++;
  if (event.hookedBy) on.hookedBy[event.hookedBy]++;
}

/** What was noted of fish, each step at least as often as the next. */
function told({ counts, hookedBy, ...spell }: Open, outing: string): Spell {
  const ended = counts.landed + counts.lost;
  const hooked = Math.max(counts.hooked, ended);
  return {
    ...spell,
    outing,
    bites: Math.max(counts.bite, hooked),
    nips: counts.nip,
    hooked,
    landed: counts.landed,
    lost: counts.lost,
    snags: counts.snag,
    hookedBy,
  };
}

/**
 * The spells of an outing. Hours of a rig run from `tie-on` to `put-down`, the next tie-on of its rod, or the end; rods in use at once
 * share the clock; a water that is said anew begins a new spell of every rig in use.
 */
export function spellsOf({ id, to, events }: Outing): readonly Spell[] {
  const done: Spell[] = [];
  const open = new Map<number, Open>();
  let water: Water | null = null;
  let since: number | null = null;
  const pass = (ms: number): void => {
    if (since !== null && open.size > 0) {
      const share = Math.max(0, ms - since) / MS_PER_HOUR / open.size;
      for (const one of open.values()) one.hours += share;
    }
    since = ms;
  };
  const close = (rod: number): void => {
    const one = open.get(rod);
    if (one) done.push(told(one, id));
    open.delete(rod);
  };
  for (const event of events) {
    pass(msOf(event.at));
    if (event.water) {
      water = event.water;
      for (const [rod, one] of [...open]) {
        close(rod);
        open.set(rod, opened(one.rig, rod, water));
      }
    }
    const { rod, rig } = event;
    if (event.what === 'tie-on' && rod !== undefined && rig) {
      close(rod);
      open.set(rod, opened(rig, rod, water));
    } else if (event.what === 'put-down') {
      if (rod === undefined) for (const one of [...open.keys()]) close(one);
      else close(rod);
    } else {
      // with one rod in use nobody needs to say which
      const on = rod === undefined ? (open.size === 1 ? [...open.values()][0] : undefined) : open.get(rod);
      if (on) take(on, event);
    }
  }
  pass(msOf(to));
  for (const rod of [...open.keys()]) close(rod);
  return done.filter(({ hours, bites, nips, snags }) => hours > 0 || bites + nips + snags > 0);
}
