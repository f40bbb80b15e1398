import { waysToHang } from '../candidates/ways-to-hang';
import { describe, expect, test } from '@jest/globals';
import { catalogueBox } from '../../rig/parts/catalogue';
import type { Head } from '../../rig/parts/schema';
import { colourClassOf } from '../../tackle/colours';
import { massKgFromOz, tempCFromF, lengthMFromFt, lengthMFromIn, ftFromLengthM } from '../../units/units';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { advise } from './advise';
import { compileWater } from '../rules/wants';
import { adviseUnscaled } from '../../testing/unscaled';

const BOX = catalogueBox();
const f = tempCFromF;
const water = (part: Partial<Water>): Water => ({ ...DEFAULT_WATER, families: ['skirted'], ...part });
const top = (part: Partial<Water>, count = 3) => adviseUnscaled(water(part), BOX, count).picks;
const rules = (part: Partial<Water>): string[] => top(part, 1)[0]!.reasons.map(({ rule }) => rule);
const weightOz = (part: Partial<Water>): readonly [number, number] => {
  const want = compileWater(water(part)).wants.find(({ id }) => id === 'weight')!;
  return [want.from / massKgFromOz(1), want.to / massKgFromOz(1)];
};

const COLD_LAYDOWN: Partial<Water> = {
  temperatureC: f(48),
  depthM: lengthMFromFt(4),
  cover: [{ kind: 'laydown', density: 'medium' }],
  season: 'winter',
};
const HEDGE: Partial<Water> = {
  temperatureC: f(57),
  visibilityM: lengthMFromIn(14),
  depthM: lengthMFromFt(4),
  cover: [{ kind: 'flooded-bush', density: 'thick' }],
};
const DEEP_ROCK: Partial<Water> = {
  temperatureC: f(70),
  visibilityM: lengthMFromFt(3),
  depthM: lengthMFromFt(20),
  bottom: 'rock',
  cover: [{ kind: 'rock', density: 'medium' }],
  season: 'summer',
};
const MAT: Partial<Water> = {
  temperatureC: f(80),
  visibilityM: lengthMFromFt(2),
  depthM: lengthMFromFt(3),
  bottom: 'mud',
  cover: [{ kind: 'grass-matted', density: 'thick' }],
  season: 'summer',
};
const OVER_GRASS: Partial<Water> = {
  visibilityM: lengthMFromFt(4),
  depthM: lengthMFromFt(6),
  cover: [{ kind: 'grass-submerged', density: 'medium', topM: 0.9 }],
  band: { fromM: 0.1, toM: 0.6 },
};

describe('weight', () => {
  test('cold shallow cover asks for about 3/8 or less, 55 and up for about 1/2', () => {
    const [, coldTo] = weightOz({ ...COLD_LAYDOWN, schools: { weight: 'heaviest' } });
    expect(coldTo).toBeLessThan(0.55);
    const [mildFrom, mildTo] = weightOz({ ...COLD_LAYDOWN, temperatureC: f(58), schools: { weight: 'heaviest' } });
    expect(mildFrom).toBeLessThanOrEqual(0.5);
    expect(mildTo).toBeGreaterThan(0.5);
  });
  test('summer and thick cover ask for 3/4 even in two feet', () => {
    const [from, to] = weightOz({ ...HEDGE, temperatureC: f(80), season: 'summer', depthM: lengthMFromFt(2) });
    expect(from).toBeLessThanOrEqual(0.75);
    expect(to).toBeGreaterThanOrEqual(0.75);
  });
  test('a thick mat asks for an ounce and more, deep water for 3/4', () => {
    expect(weightOz(MAT)[0]).toBeGreaterThan(0.9);
    expect(weightOz(DEEP_ROCK)[0]).toBeLessThanOrEqual(0.75);
    expect(weightOz(DEEP_ROCK)[1]).toBeGreaterThan(0.75);
  });
  test('over weed asks for the lightest', () => expect(weightOz(OVER_GRASS)[1]).toBeLessThan(0.4));
  test('the slow hand wants it lighter than stepping up does', () => {
    const [, slow] = weightOz({ ...HEDGE, schools: { weight: 'slow-hand' } });
    const [, heavy] = weightOz({ ...HEDGE, schools: { weight: 'heaviest' } });
    expect(slow).toBeLessThan(0.75 * heavy);
  });
  test('the school follows cold, mood and aim unless it is chosen', () => {
    const school = (part: Partial<Water>) => compileWater(water(part)).schools.weight;
    expect(school({ temperatureC: f(50) })).toEqual({ school: 'slow-hand', reason: 'cold' });
    expect(school({ mood: 'inactive' })).toEqual({ school: 'slow-hand', reason: 'inactive' });
    expect(school({ aim: 'saturate' })).toEqual({ school: 'slow-hand', reason: 'saturate' });
    expect(school({})).toEqual({ school: 'heaviest', reason: 'usual' });
    expect(school({ temperatureC: f(50), schools: { weight: 'heaviest' } })).toEqual({
      school: 'heaviest',
      reason: 'chosen',
    });
  });
});

describe('head', () => {
  test('deep rock: a football leads', () => expect(top(DEEP_ROCK)[0]!.rig.head.style).toBe('football'));
  test('riprap: with cams', () => {
    const [first] = top({ ...DEEP_ROCK, bottom: 'riprap', cover: [{ kind: 'riprap', density: 'medium' }] }, 1);
    expect(first!.rig.head).toMatchObject({ style: 'football', cams: true });
  });
  test('docks: a casting head leads', () => {
    const [first] = top({ cover: [{ kind: 'dock', density: 'medium' }], temperatureC: f(66) }, 1);
    expect(first!.rig.head.style).toBe('casting');
  });
  test('a thick mat: the punching weight leads', () => expect(top(MAT)[0]!.rig.head.style).toBe('bullet'));
  test('thick standing grass: a pointed flipping head is among the first, no ball, no football', () => {
    const styles = top({ ...MAT, cover: [{ kind: 'reeds', density: 'thick' }] }, 5).map(({ rig }) => rig.head);
    expect(styles.some(({ style, nose }) => style === 'flipping' && nose !== 'round')).toBe(true);
    expect(styles.every(({ style }) => style !== 'ball' && style !== 'football')).toBe(true);
  });
  test('forked hardwood: never a pointed nose in the first five', () => {
    for (const kind of ['hardwood', 'flooded-bush', 'laydown'] as const) {
      const picks = top({ ...HEDGE, cover: [{ kind, density: 'thick' }] }, 5);
      for (const { rig } of picks) {
        const pointed =
          rig.head.nose === 'pointed' || (!rig.head.nose && ['flipping', 'swim', 'bullet'].includes(rig.head.style));
        expect(pointed).toBe(false);
      }
    }
  });
  test('high over grass: a swim head', () => expect(top(OVER_GRASS)[0]!.rig.head.style).toBe('swim'));
  test('on the bottom: no swim head first', () => {
    for (const part of [COLD_LAYDOWN, HEDGE, DEEP_ROCK]) expect(top(part)[0]!.rig.head.style).not.toBe('swim');
  });
});

describe('trailer', () => {
  test('cold: a chunk leads and says why', () => {
    const [first] = top(COLD_LAYDOWN, 1);
    expect(first!.rig.trailer?.kind).toBe('chunk');
    expect(rules(COLD_LAYDOWN)).toContain('chunk-while-cold');
  });
  test('cold: no kicking claws in the first three', () => {
    for (const { rig } of top(COLD_LAYDOWN)) expect(rig.trailer?.kind).not.toMatch(/flapper|kick/);
  });
  test('warm shallow murk, active: a strong kicker leads', () => {
    const murk: Partial<Water> = {
      ...HEDGE,
      temperatureC: f(76),
      visibilityM: lengthMFromIn(8),
      mood: 'active',
      season: 'summer',
    };
    const [first] = top({ ...murk, cover: [{ kind: 'laydown', density: 'thick' }] }, 1);
    expect(first!.rig.trailer?.kind).toMatch(/flapper-craw|kick-bug|kick-chunk/);
    // among twigs legs and claws that kick only hang up, however lively the fish are
    expect(top(murk, 1)[0]!.rig.trailer?.kind).not.toMatch(/flapper-craw|kick-bug|kick-chunk|creature/);
  });
  test('clear, pressured, inactive: something small that hardly moves', () => {
    const part: Partial<Water> = {
      visibilityM: lengthMFromFt(7),
      mood: 'inactive',
      pressure: 'high',
      aim: 'bites',
      temperatureC: f(62),
      cover: [],
      depthM: lengthMFromFt(8),
    };
    const [first] = top(part, 1);
    // as it is cut
    expect(first!.has.length).toBeLessThan(0.11);
    expect(first!.has.show).toBeLessThan(0.35);
  });
  test('a jig without plastic never leads', () => {
    for (const part of [COLD_LAYDOWN, HEDGE, DEEP_ROCK, MAT, OVER_GRASS])
      expect(top(part)[0]!.rig.trailer).not.toBeNull();
  });
  test('panfish eaten: flat bodies on edge where they travel; at the bottom plastic hangs flat all the same', () => {
    const bottom = top({ ...HEDGE, forage: ['panfish'] }, 8);
    expect(bottom.map(({ rig }) => rig.trailer?.orientation)).not.toContain('edge');
    const bug = bottom[0]!.rig.trailer!;
    const turns = (reeled: boolean) => waysToHang(bug, null, reeled).map(({ trailer }) => trailer?.orientation);
    expect([turns(false).includes('edge'), turns(true).includes('edge')]).toEqual([false, true]);
  });
});

describe('colour', () => {
  test('mud: dark; clear enough: natural; shad: white', () => {
    const skirt = (part: Partial<Water>): string | undefined => top(part, 1)[0]!.rig.skirt?.colour;
    expect(skirt({ visibilityM: lengthMFromIn(5) })).toBe('black/blue');
    expect(['green pumpkin', 'brown/orange']).toContain(skirt({ visibilityM: lengthMFromFt(3) }));
    expect(skirt({ visibilityM: lengthMFromFt(3), forage: ['shad'] })).toBe('white');
  });
});

describe('however the water changes', () => {
  const want = (part: Partial<Water>, id: 'push' | 'fall' | 'show') =>
    compileWater(water(part)).wants.find((row) => row.id === id)!;
  test('murkier never asks for less push', () => {
    for (const mood of ['active', 'neutral', 'inactive'] as const) {
      let before = Infinity;
      for (let inches = 1; inches <= 140; inches++) {
        const { from, to } = want({ visibilityM: lengthMFromIn(inches), mood }, 'push');
        expect(from + to).toBeLessThanOrEqual(before + 1e-9);
        before = from + to;
      }
    }
  });
  test('colder never asks for a faster fall or more motion', () => {
    let [fall, show] = [0, 0];
    for (let tempF = 34; tempF <= 100; tempF++) {
      const speed = want({ temperatureC: f(tempF) }, 'fall').to;
      const motion = want({ temperatureC: f(tempF) }, 'show').to;
      expect(speed).toBeGreaterThanOrEqual(fall - 1e-9);
      expect(motion).toBeGreaterThanOrEqual(show - 1e-9);
      [fall, show] = [speed, motion];
    }
    expect(ftFromLengthM(fall)).toBeGreaterThan(2);
  });
  test('low light counts as murkier', () => {
    expect(want({ sky: 'dark' }, 'push').from).toBeGreaterThan(want({ sky: 'bright' }, 'push').from);
  });
  test('bands are always the right way round and on their scale', () => {
    for (const temperatureC of [1, 12, 20, 32]) {
      for (const visibilityM of [0, 0.2, 0.5, 2, 12]) {
        for (const mood of ['active', 'inactive'] as const) {
          for (const row of compileWater(water({ temperatureC, visibilityM, mood })).wants) {
            expect(row.from).toBeLessThan(row.to);
            expect(row.from).toBeGreaterThanOrEqual(0);
            if (row.id === 'show' || row.id === 'snag') expect(row.to).toBeLessThanOrEqual(1);
          }
        }
      }
    }
  });
});

describe('every build has its water', () => {
  const ft = lengthMFromFt;
  const inches = lengthMFromIn;
  interface Build {
    readonly on: Partial<Water>;
    /** what the first of the list must be */
    readonly head: Omit<Partial<Head>, 'hook'> & { readonly hook?: Partial<Head['hook']> };
    readonly guardless?: boolean;
  }
  const high = { depthM: 2, band: { fromM: 0.2, toM: 0.7 } };
  const BUILDS: Readonly<Record<string, Build>> = {
    casting: { on: { cover: [{ kind: 'dock', density: 'medium' }], temperatureC: f(66) }, head: { style: 'casting' } },
    flipping: {
      on: {
        cover: [{ kind: 'laydown', density: 'thick' }],
        temperatureC: f(72),
        visibilityM: inches(16),
        depthM: ft(4),
      },
      head: { style: 'flipping', hook: { size: '5/0', wire: 'heavy' } },
    },
    'pointed flipping': {
      on: { cover: [{ kind: 'reeds', density: 'thick' }], temperatureC: f(75), depthM: ft(3) },
      head: { style: 'flipping' },
    },
    football: { on: DEEP_ROCK, head: { style: 'football', finesse: false } },
    'finesse football': {
      on: {
        cover: [],
        bottom: 'rock',
        depthM: ft(12),
        visibilityM: ft(6),
        temperatureC: f(62),
        pressure: 'high',
      },
      head: { style: 'football', finesse: true },
    },
    'swim, light wire': {
      on: { ...high, cover: [], species: 'smallmouth', visibilityM: ft(3), temperatureC: f(66), aim: 'bites' },
      head: { style: 'swim', hook: { wire: 'light' } },
    },
    'swim, medium wire': {
      on: {
        ...high,
        cover: [{ kind: 'grass-submerged', density: 'sparse', topM: 1.2 }],
        visibilityM: ft(2.5),
        temperatureC: f(68),
      },
      head: { style: 'swim', hook: { size: '4/0', wire: 'medium' } },
    },
    'swim, heavy wire': {
      on: { ...high, cover: [{ kind: 'brush', density: 'medium' }], visibilityM: ft(2), temperatureC: f(70) },
      head: { style: 'swim', hook: { size: '5/0', wire: 'heavy' } },
    },
    ball: {
      on: { cover: [], bottom: 'sand', depthM: ft(5), visibilityM: ft(2.5), temperatureC: f(60) },
      head: { style: 'ball' },
    },
    vertical: {
      on: {
        cover: [{ kind: 'ledge', density: 'sparse' }],
        depthM: ft(25),
        bottom: 'mud',
        temperatureC: f(60),
        aim: 'saturate',
      },
      head: { style: 'vertical' },
    },
    punch: { on: MAT, head: { style: 'bullet' } },
    guardless: {
      on: {
        cover: [
          { kind: 'brush', density: 'thick' },
          { kind: 'reeds', density: 'thick' },
        ],
        depthM: ft(3),
        temperatureC: f(70),
      },
      head: { style: 'flipping' },
      guardless: true,
    },
  };
  test.each(Object.entries(BUILDS))('%s', (_, { on, head, guardless }) => {
    const { rig } = top(on, 1)[0]!;
    expect(rig.head).toMatchObject(head);
    if (guardless) expect([rig.guard, rig.keeper]).toEqual([null, 'screw']);
    else if (rig.head.style !== 'bullet') expect(rig.guard).not.toBeNull();
  });
  test('cold and open: a heavy swim jig to creep is among the first three', () => {
    const picks = top({ cover: [], depthM: 3, temperatureC: f(44), season: 'winter', visibilityM: ft(3) }, 3);
    expect(picks.some(({ rig }) => rig.head.style === 'swim' && rig.head.weightOz >= 0.5)).toBe(true);
  });
  test('a bright core goes into fresh mud on a clear reservoir, and nowhere else', () => {
    const muddied = {
      visibilityM: inches(9),
      usualVisibilityM: ft(6),
      trend: 'rising-muddy',
      temperatureC: f(62),
    } as const;
    const [first] = top(muddied, 1);
    expect(first!.rig.core).not.toBeNull();
    expect(colourClassOf(first!.rig.skirt!.colour)).not.toBe('dark');
    for (const { rig } of top({ visibilityM: ft(3), temperatureC: f(62) }, 5)) expect(rig.core).toBeNull();
  });
  test('mud, nothing said about usual: dark', () => {
    const [first] = top({ visibilityM: inches(9), temperatureC: f(62) }, 1);
    expect(colourClassOf(first!.rig.skirt!.colour)).toBe('dark');
  });
});

describe('other schools tie something else', () => {
  const first = (part: Partial<Water>, schools: Water['schools'] = {}) =>
    top({ ...part, ...(schools ? { schools } : {}) }, 1)[0]!.rig;
  test('in the cold: a chunk, or claws as a brake', () => {
    expect(first(COLD_LAYDOWN, { 'cold-brake': 'still-chunk' }).trailer!.kind).toBe('chunk');
    const claws = top({ ...COLD_LAYDOWN, schools: { 'cold-brake': 'claw-brake' } }, 4).map(
      ({ rig }) => rig.trailer!.kind,
    );
    expect(claws[0]).not.toBe('chunk');
    expect(claws).toContain('flapper-craw');
  });
  test('on a 3/4 swim head: rolling, or oversize', () => {
    const deep: Partial<Water> = {
      cover: [],
      depthM: 6,
      band: { fromM: 1.6, toM: 4 },
      visibilityM: 1.5,
      temperatureC: f(65),
    };
    const swim34 = (schools: Water['schools']) =>
      adviseUnscaled(
        water({ ...deep, ...(schools ? { schools } : {}) }),
        {
          ...BOX,
          heads: BOX.heads.filter((h) => h.style === 'swim' && h.weightOz === 0.75 && h.hook.wire === 'heavy'),
        },
        1,
      ).picks[0]!.rig;
    expect(swim34({ 'heavy-swim-tail': 'rolling' }).trailer!.kind).toBe('rolling-paddle-tail');
    const oversize = swim34({ 'heavy-swim-tail': 'oversize' }).trailer!;
    expect(oversize.kind).toMatch(/paddle-tail/);
    expect(oversize.lengthMm).toBeGreaterThan(115);
  });
  test('a trailer that stands out, or matches', () => {
    const classes = (schools: Water['schools']) => {
      const rig = first(HEDGE, schools);
      return [colourClassOf(rig.skirt!.colour), colourClassOf(rig.trailer!.colour)];
    };
    const [skirt, trailer] = classes({ 'trailer-colour': 'match' });
    expect(trailer).toBe(skirt);
    const [skirt2, trailer2] = classes({ 'trailer-colour': 'contrast' });
    expect(trailer2).not.toBe(skirt2);
  });
  test('clear water: biggest they take, thin and moving, or still bulk', () => {
    const clear: Partial<Water> = { visibilityM: lengthMFromFt(6), cover: [], bottom: 'sand', temperatureC: f(64) };
    const strands = (school: 'biggest-they-take' | 'thin-and-move') =>
      first(clear, { 'clear-water': school }).skirt!.strands;
    expect(strands('thin-and-move')).toBeLessThan(40);
    expect(['chunk', 'flat-bug']).toContain(first(clear, { 'clear-water': 'still-bulk' }).trailer!.kind);
  });
  test('no dissent where the other school would tie the same', () => {
    for (const { dissent, rig } of advise(water(HEDGE), BOX, 4).picks) {
      for (const other of dissent.filter(({ rule }) => rule === undefined)) {
        expect(JSON.stringify(other.rig)).not.toBe(JSON.stringify(rig));
      }
    }
  });
});
