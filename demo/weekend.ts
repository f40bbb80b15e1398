import type { KeptStop, KeptTrip, StopHour, Water } from '../core';
import { NORTH_ARM } from './brindle-mere';

/** A late September weekend on Brindle Mere: Saturday bright and calm after a cold night, Sunday grey with chop and a muddy inflow. */

/** Brindle Mere lies nowhere: in the middle of an ocean. */
const AT = { lat: 45, lon: -30 } as const;
/** Clocks there run two hours behind Greenwich. */
const UTC_OFFSET_MIN = -120;

type Cover = Water['cover'];
interface Place {
  readonly name: string;
  readonly lat: number;
  readonly lon: number;
  readonly minutes: number;
  readonly weight?: number;
  readonly coverM: number;
  readonly water: Partial<Water> & Pick<Water, 'depthM' | 'bottom' | 'visibilityM'> & { readonly cover: Cover };
}

const PLACES = {
  weir: {
    name: 'stone weir',
    lat: 45.0121,
    lon: -30.0302,
    minutes: 30,
    coverM: 60,
    water: {
      depthM: 3,
      visibilityM: 1.4,
      bottom: 'riprap',
      cover: [{ kind: 'riprap', density: 'medium', topM: 0 }],
      forage: ['crayfish', 'shad'],
    },
  },
  boats: {
    name: 'moored houseboats',
    lat: 45.0098,
    lon: -30.0241,
    minutes: 45,
    coverM: 90,
    water: {
      depthM: 2.7,
      visibilityM: 1.2,
      bottom: 'mud',
      cover: [{ kind: 'houseboat', density: 'medium', topM: 0 }],
      forage: ['shad'],
    },
  },
  hedgerow: {
    name: 'long hedgerow',
    lat: 45.0055,
    lon: -30.0189,
    minutes: 60,
    weight: 1.5,
    coverM: 70,
    water: {
      depthM: 1.4,
      visibilityM: 0.6,
      bottom: 'gravel',
      cover: [{ kind: 'flooded-bush', density: 'thick', topM: 0.3 }],
      forage: ['panfish', 'crayfish'],
    },
  },
  lilies: {
    name: 'lily bay',
    lat: 45.0031,
    lon: -30.0133,
    minutes: 40,
    coverM: 60,
    water: {
      depthM: 1,
      visibilityM: 0.8,
      bottom: 'mud',
      cover: [{ kind: 'pads', density: 'medium', topM: 0 }],
      forage: ['panfish'],
    },
  },
  bars: {
    name: 'gravel bars',
    lat: 45.0009,
    lon: -30.0072,
    minutes: 40,
    coverM: 80,
    water: {
      depthM: 4,
      visibilityM: 1.8,
      bottom: 'gravel',
      cover: [{ kind: 'gravel-bar', density: 'medium', topM: 2.4 }],
      forage: ['shad', 'crayfish'],
    },
  },
  arm: {
    name: 'north arm',
    lat: 45.0164,
    lon: -30.0335,
    minutes: 45,
    weight: 1.5,
    coverM: 60,
    water: {
      depthM: 1.2,
      visibilityM: 0.4,
      bottom: 'gravel',
      cover: [
        { kind: 'flooded-bush', density: 'thick', topM: 0.3 },
        { kind: 'pads', density: 'sparse', topM: 0 },
      ],
      forage: ['panfish', 'crayfish'],
    },
  },
  dam: {
    name: 'dam end',
    lat: 44.9972,
    lon: -30.0014,
    minutes: 35,
    coverM: 60,
    water: {
      depthM: 6.5,
      visibilityM: 2.6,
      bottom: 'rock',
      cover: [{ kind: 'rock', density: 'medium' }],
      forage: ['crayfish'],
    },
  },
  stumps: {
    name: 'stump flat',
    lat: 45.0043,
    lon: -30.0226,
    minutes: 40,
    coverM: 70,
    water: {
      depthM: 1.8,
      visibilityM: 0.9,
      bottom: 'mud',
      cover: [{ kind: 'stumps', density: 'medium', topM: 0.6 }],
      forage: ['shad', 'panfish'],
    },
  },
} as const satisfies Readonly<Record<string, Place>>;
type PlaceId = keyof typeof PLACES;

interface DayOf {
  readonly id: string;
  readonly name: string;
  readonly day: string;
  readonly from: string;
  readonly until: string;
  readonly order: readonly PlaceId[];
  readonly water: Partial<Water>;
  /** share of the usual sight that is left, by place */
  readonly sight: (of: PlaceId) => number;
  readonly hours: readonly StopHour[];
  readonly reTieMin?: number;
}

const SATURDAY: DayOf = {
  id: 'brindle-mere-saturday',
  name: 'Brindle Mere, Saturday',
  day: '2026-09-26',
  from: '06:40',
  until: '12:30',
  order: ['hedgerow', 'lilies', 'stumps', 'boats', 'bars', 'dam', 'weir', 'arm'],
  water: { sky: 'bright', wind: 'calm', trend: 'steady', mood: 'neutral' },
  sight: () => 1,
  hours: [
    { at: '06:40', temperatureC: 13.2 },
    { at: '12:30', temperatureC: 16.4 },
  ],
};
const SUNDAY: DayOf = {
  id: 'brindle-mere-sunday',
  name: 'Brindle Mere, Sunday',
  day: '2026-09-27',
  from: '06:45',
  until: '13:00',
  order: ['arm', 'hedgerow', 'lilies', 'boats', 'stumps', 'weir', 'bars', 'dam'],
  water: { sky: 'dark', trend: 'rising-muddy', mood: 'active' },
  // the inflow comes in by the north arm
  sight: (of) => (of === 'arm' || of === 'hedgerow' || of === 'weir' ? 0.5 : 0.75),
  hours: [
    { at: '06:45', temperatureC: 14.1, wind: 'ripple' },
    { at: '10:00', wind: 'chop' },
    { at: '13:00', temperatureC: 14.8 },
  ],
  reTieMin: 4,
};

function stopOf(day: DayOf, id: PlaceId): KeptStop {
  const { water, ...place }: Place = PLACES[id];
  const { intent: _intent, ...base } = { ...NORTH_ARM, intent: undefined };
  return {
    ...place,
    id: `${day.id}-${id}`,
    water: {
      ...base,
      usualVisibilityM: water.visibilityM,
      ...water,
      visibilityM: Math.round(100 * water.visibilityM * day.sight(id)) / 100,
      ...day.water,
    },
    hours: [...day.hours],
  };
}

const keptDay = (day: DayOf, at: string): KeptTrip => ({
  id: day.id,
  changedAt: at,
  ...{ name: day.name, day: day.day, from: day.from, until: day.until, utcOffsetMin: UTC_OFFSET_MIN, ...AT },
  rods: 4,
  ...(day.reTieMin === undefined ? {} : { reTieMin: day.reTieMin }),
  stops: day.order.map((id) => stopOf(day, id)),
  bans: [],
  box: null,
  plan: null,
  now: null,
});

/** The days of the weekend, the one to begin with last. */
export const DEMO_WEEKEND: readonly KeptTrip[] = [
  keptDay(SUNDAY, '2026-09-25T18:00:00.000Z'),
  keptDay(SATURDAY, '2026-09-25T18:30:00.000Z'),
];
