import {
  grouped,
  momentOf,
  outingOf,
  ratesBy,
  rigKey,
  spellsOf,
  temperatureClass,
  uncutTrailer,
  type HookedBy,
  type KeptOuting,
  type LogEvent,
  type Rig,
  type TemperatureClass,
  type TrailerPart,
  type Water,
} from '../core';
import { DEMO_BOX, NORTH_ARM } from './brindle-mere';
import { dice, type Dice } from './dice';

/**
 * Two seasons on Brindle Mere that nobody fished: about sixty outings from a script, with rates that are known. What the log makes of them can be held
 * against the truth.
 */

/** Clocks there run two hours behind Greenwich. */
const UTC_OFFSET_MIN = -120;
const SEED = 41;

const headOf = (style: string, weightOz: number, framed: 'blade' | 'blades' | null = null) => {
  const found = DEMO_BOX.heads.find(
    (head) =>
      head.style === style &&
      head.weightOz === weightOz &&
      (framed === null ? !head.blade && !head.blades : head[framed]),
  );
  if (!found) throw new Error(`demo seasons: no ${style} of ${weightOz} oz`);
  return found;
};
const plastic = (kind: TrailerPart['kind'], colour: string): NonNullable<Rig['trailer']> => {
  const part = DEMO_BOX.trailers.find((one) => one.kind === kind && one.colour === colour);
  if (!part) throw new Error(`demo seasons: no ${colour} ${kind}`);
  return uncutTrailer(part);
};
function rigOf(head: ReturnType<typeof headOf>, colour: string, trailer: Rig['trailer'], more: Partial<Rig> = {}): Rig {
  const skirt = DEMO_BOX.skirts.find((one) => one.colour === colour)!;
  const { style, finesse, weightOz, metal, hook, nose, cams, keeper, guard, blade, blades, arms } = head;
  return {
    family: blade ? 'vibrating' : blades ? 'spinner' : 'skirted',
    head: { style, finesse, weightOz, metal, hook, ...(nose ? { nose } : {}), ...(cams ? { cams } : {}) },
    ...(keeper ? { keeper } : {}),
    guard: guard ?? null,
    skirt: {
      material: skirt.material,
      strands: skirt.strands,
      lengthMm: skirt.lengthMm,
      thinned: 0,
      trim: 'none',
      colour,
    },
    trailer: trailer ?? null,
    core: null,
    ...(blade ? { blade } : {}),
    ...(blades ? { blades, ...(arms ? { arms } : {}) } : {}),
    ...more,
  };
}
const HOOK = { kind: 'single', point: 'up', size: '1/0' } as const;

/** Rigs that were fished, how often against the mean they are bitten, and how well they land what bites. */
const RIGS = {
  chunk: {
    rig: rigOf(headOf('casting', 3 / 8), 'green pumpkin', plastic('chunk', 'green pumpkin')),
    rate: 1,
    landed: 0.72,
    cold: 1.35,
  },
  'heavy-chunk': {
    rig: rigOf(headOf('flipping', 1 / 2), 'black/blue', plastic('chunk', 'black/blue')),
    rate: 1.05,
    landed: 0.76,
    cold: 1.2,
  },
  craw: {
    rig: rigOf(headOf('casting', 1 / 2), 'brown/orange', plastic('flapper-craw', 'green pumpkin')),
    rate: 1.5,
    landed: 0.7,
    cold: 0.6,
  },
  'light-craw': {
    rig: rigOf(headOf('casting', 3 / 8), 'brown/orange', plastic('flapper-craw', 'green pumpkin')),
    rate: 1.35,
    landed: 0.7,
    cold: 0.6,
  },
  bug: {
    rig: rigOf(headOf('football', 1 / 2), 'brown/orange', {
      ...plastic('flat-bug', 'green pumpkin'),
      orientation: 'flat',
    }),
    rate: 1.1,
    landed: 0.66,
    cold: 1,
  },
  'bug-on-edge': {
    rig: rigOf(headOf('football', 1 / 2), 'brown/orange', {
      ...plastic('flat-bug', 'green pumpkin'),
      orientation: 'edge',
    }),
    rate: 0.8,
    landed: 0.66,
    cold: 1,
  },
  ball: {
    rig: rigOf(headOf('ball', 3 / 8), 'green pumpkin', plastic('kick-bug', 'green pumpkin')),
    rate: 0.9,
    landed: 0.45,
    cold: 0.9,
  },
  swim: {
    rig: rigOf(headOf('swim', 3 / 8), 'white', plastic('paddle-tail', 'pearl')),
    rate: 1.2,
    landed: 0.75,
    cold: 0.5,
  },
  plate: {
    rig: rigOf(headOf('casting', 3 / 8, 'blade'), 'black/blue', plastic('kick-bug', 'black/blue')),
    rate: 1.1,
    landed: 0.62,
    cold: 0.7,
  },
  spinner: { rig: rigOf(headOf('bullet', 1 / 2, 'blades'), 'white', null), rate: 1, landed: 0.5, cold: 0.6 },
  'spinner-hooked': {
    rig: rigOf(headOf('bullet', 1 / 2, 'blades'), 'white', null, { trailerHook: HOOK }),
    rate: 0.93,
    landed: 0.66,
    cold: 0.6,
  },
} as const satisfies Record<
  string,
  { readonly rig: Rig; readonly rate: number; readonly landed: number; readonly cold: number }
>;
type RigName = keyof typeof RIGS;

/** Bites an hour of a middling rig, by how warm the water is. */
const MEAN_PER_HOUR: Readonly<Record<TemperatureClass, number>> = { cold: 0.5, cool: 0.9, mild: 1.3, warm: 1 };
/** Of bites, those that are felt and gone; and of nips to bites. */
const HOOKS = 0.86;
const NIPS = 0.22;

/** True bites an hour of a rig in a water: what the log has to find. */
export function trueRate(name: RigName, water: Water): number {
  const { rate, cold } = RIGS[name];
  const warmth = temperatureClass(water);
  return MEAN_PER_HOUR[warmth] * rate * (warmth === 'cold' ? cold : warmth === 'cool' ? Math.sqrt(cold) : 1);
}
/** What is true of each rig: against the mean where it is mild, and landed of bitten. */
export const TRUE_RATES: readonly {
  readonly name: RigName;
  readonly rig: Rig;
  readonly perHour: number;
  readonly landed: number;
}[] = (Object.keys(RIGS) as RigName[]).map((name) => ({
  name,
  rig: RIGS[name].rig,
  perHour: MEAN_PER_HOUR.mild * RIGS[name].rate,
  landed: RIGS[name].landed,
}));

interface Place {
  readonly name: string;
  readonly visibilityM: number;
  readonly depthM: number;
  readonly bottom: Water['bottom'];
  readonly cover: Water['cover'];
  readonly rigs: readonly RigName[];
}
const PLACES: readonly Place[] = [
  {
    name: 'north arm',
    visibilityM: 0.4,
    depthM: 1.4,
    bottom: 'gravel',
    cover: NORTH_ARM.cover,
    rigs: ['chunk', 'craw', 'heavy-chunk', 'spinner', 'spinner-hooked', 'plate', 'light-craw'],
  },
  {
    name: 'long hedgerow',
    visibilityM: 0.55,
    depthM: 1.6,
    bottom: 'mud',
    cover: [{ kind: 'hardwood', density: 'thick', topM: 0.2 }],
    rigs: ['chunk', 'heavy-chunk', 'craw', 'ball', 'light-craw'],
  },
  {
    name: 'gravel bars',
    visibilityM: 1,
    depthM: 2.6,
    bottom: 'gravel',
    cover: [{ kind: 'gravel-bar', density: 'medium', topM: 1.2 }],
    rigs: ['bug', 'bug-on-edge', 'chunk', 'craw', 'swim'],
  },
  {
    name: 'lily bay',
    visibilityM: 0.8,
    depthM: 1.2,
    bottom: 'mud',
    cover: [{ kind: 'pads', density: 'medium', topM: 0 }],
    rigs: ['swim', 'plate', 'spinner', 'spinner-hooked', 'craw'],
  },
  {
    name: 'dam end',
    visibilityM: 1.9,
    depthM: 5,
    bottom: 'rock',
    cover: [{ kind: 'riprap', density: 'medium', topM: 0 }],
    rigs: ['bug', 'bug-on-edge', 'chunk', 'light-craw', 'spinner-hooked', 'spinner'],
  },
];

/** Temperature of the mere through the year, °C. */
const temperatureOn = (dayOfYear: number): number => 14.5 - 9.5 * Math.cos((2 * Math.PI * (dayOfYear - 25)) / 365);
const MS_PER_DAY = 86_400_000;

function waterAt({ visibilityM, depthM, bottom, cover }: Place, dayOfYear: number, by: Dice): Water {
  const temperatureC = Math.round(10 * Math.max(5, temperatureOn(dayOfYear) + 1.2 * by.normal())) / 10;
  const { usualVisibilityM: _usual, trend: _trend, ...rest } = NORTH_ARM;
  const season =
    dayOfYear < 80
      ? 'winter'
      : dayOfYear < 120
        ? 'prespawn'
        : dayOfYear < 150
          ? 'spawn'
          : dayOfYear < 165
            ? 'postspawn'
            : dayOfYear < 260
              ? 'summer'
              : 'autumn';
  return {
    ...rest,
    temperatureC,
    visibilityM: Math.round(100 * visibilityM * Math.exp(0.12 * by.normal())) / 100,
    depthM,
    bottom,
    cover,
    sky: by.one(['bright', 'mixed', 'dark'] as const),
    wind: by.one(['calm', 'ripple', 'chop'] as const),
    season,
  };
}

/** Where a fish is hooked; the ball head on its flat tie holds by the corner, whatever is computed for it. */
function hookedBy(name: RigName, by: Dice): HookedBy {
  const draw = by.next();
  if (name === 'spinner-hooked') return draw < 0.22 ? 'trailer-hook' : draw < 0.8 ? 'front' : 'corner';
  if (name === 'ball') return draw < 0.12 ? 'front' : 'corner';
  return draw < 0.72 ? 'front' : 'corner';
}

/** What came of a rig in some hours, each event at its moment. */
function fished(name: RigName, rod: number, water: Water, fromMs: number, hours: number, by: Dice): LogEvent[] {
  const bites = by.poisson(trueRate(name, water) * hours);
  const when = Array.from({ length: bites }, () => fromMs + Math.floor(hours * 3_600_000 * by.next())).sort(
    (a, b) => a - b,
  );
  const at = (ms: number): string => momentOf(ms, UTC_OFFSET_MIN);
  const events: LogEvent[] = [];
  const note = (ms: number, what: LogEvent['what'], more: Partial<LogEvent> = {}): void =>
    void events.push({ at: at(ms), what, rod, ...more });
  for (const ms of when) {
    note(ms, 'bite');
    if (by.next() < NIPS) note(ms + 60_000, 'nip');
    if (by.next() > HOOKS) continue;
    const where = { hookedBy: hookedBy(name, by) };
    note(ms + 2000, 'hooked', where);
    // landed of bitten is what is known; of hooked it is more by those that were not
    if (by.next() < RIGS[name].landed / HOOKS)
      note(ms + 70_000, 'landed', { lengthMm: 6.35 * Math.round((250 + 220 * by.next() * by.next()) / 6.35) });
    else note(ms + 20_000, 'lost');
  }
  if (by.next() < 0.15) note(fromMs + Math.floor(hours * 3_600_000 * by.next()), 'snag');
  const until = fromMs + hours * 3_600_000 - 1000;
  return events
    .map((event) => (Date.parse(event.at) > until ? { ...event, at: at(until) } : event))
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

function outingOn(day: number, dayOfYear: number, nth: number, by: Dice): KeptOuting {
  const start = day + (8 + 2 * by.next()) * 3_600_000 - 60_000 * UTC_OFFSET_MIN - 2 * 3_600_000;
  const places = [by.one(PLACES), by.one(PLACES)];
  let ms = Math.floor(start / 60_000) * 60_000;
  const events: LogEvent[] = [];
  for (const place of places) {
    const water = waterAt(place, dayOfYear, by);
    const count = 2 + Math.floor(2 * by.next());
    for (let turn = 0; turn < count; turn++) {
      const name = by.one(place.rigs);
      const hours = 0.5 + Math.round(4 * by.next()) / 4;
      const rod = turn % 3;
      events.push({
        at: momentOf(ms, UTC_OFFSET_MIN),
        what: 'tie-on',
        rod,
        rig: RIGS[name].rig,
        ...(turn === 0 ? { water, stop: place.name } : {}),
      });
      events.push(...fished(name, rod, water, ms + 1000, hours, by));
      ms += hours * 3_600_000;
      events.push({ at: momentOf(ms, UTC_OFFSET_MIN), what: 'put-down', rod });
    }
  }
  const at = (when: number): string => momentOf(when, UTC_OFFSET_MIN);
  return {
    id: `demo-outing-${nth}`,
    changedAt: '2026-09-20T00:00:00.000Z',
    place: 'Brindle Mere',
    from: events[0]!.at,
    to: at(ms),
    events,
    isDemo: true,
  };
}

/** The seasons of two years, each from March to October; the second ends before the weekend that is planned. */
export function demoSeasons(seed = SEED): readonly KeptOuting[] {
  const by = dice(seed);
  const outings: KeptOuting[] = [];
  for (const [year, last] of [
    [2025, 300],
    [2026, 262],
  ] as const) {
    const first = Date.UTC(year, 0, 1);
    for (let dayOfYear = 62; dayOfYear < last; dayOfYear += 5 + Math.floor(4 * by.next())) {
      outings.push(outingOn(first + dayOfYear * MS_PER_DAY, dayOfYear, outings.length + 1, by));
    }
  }
  return outings;
}

/** A rig of the seasons: what is true of it over the hours it was fished, and what the log makes of it. */
export interface Truth {
  readonly rig: Rig;
  readonly hours: number;
  readonly bites: number;
  /** bites an hour as they truly were in its waters, as found, and where the log says they lie */
  readonly trueRate: number;
  readonly found: number;
  readonly band: readonly [number, number];
  readonly trueLanded: number;
  readonly landed: number;
}
/** What is true beside what was found, rig by rig; those that a log takes for one are left out. */
export function demoTruth(): readonly Truth[] {
  const spells = demoSeasons().map(outingOf).flatMap(spellsOf);
  const groups = grouped(spells, 'rig');
  const keys = TRUE_RATES.map(({ rig }) => rigKey(rig));
  return ratesBy(spells, 'rig').flatMap(({ value, hours, bites, landed, bitesPerHour, band }): Truth[] => {
    const names = TRUE_RATES.filter((_, at) => keys[at] === value);
    const [known] = names;
    if (!known || names.length > 1) return [];
    const own = groups.get(value)!;
    const truth = own.reduce((sum, spell) => sum + spell.hours * trueRate(known.name, spell.water!), 0) / hours;
    return [
      {
        ...{ rig: known.rig, hours, bites, band, trueRate: truth, found: bitesPerHour },
        trueLanded: known.landed,
        landed: landed / Math.max(1, bites),
      },
    ];
  });
}
