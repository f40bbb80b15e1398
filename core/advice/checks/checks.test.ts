import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planSchema, type RetrievePlan } from '../../motion/plan';
import { parseRig, type Rig } from '../../rig/parts/schema';
import { anyFamilyRig, jig, spinner, steadyPlan, vibrating } from '../../testing/fixtures/rigs';
import { anyWater } from '../../testing/fixtures/boxes';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { RIG_CHECKS, type CheckedWith, type FaultId } from '.';
import { rigFaults } from '../../wording/rig-faults';
import { checkedOf, FAULT_IDS } from './check';
import { TAIL_BEYOND_SKIRT_MM } from './trailer-checks';
import { runs } from '../../testing/runs';

type Case = readonly [rig: Rig, given?: CheckedWith];
const on = (part: Partial<Water>): CheckedWith => ({ water: { ...DEFAULT_WATER, cover: [], sky: 'bright', ...part } });
const cover = (kind: Water['cover'][number]['kind'], density: 'sparse' | 'medium' | 'thick' = 'medium') =>
  on({ cover: [{ kind, density }] });
const grass = cover('grass-submerged');
const swim = (parts: Parameters<typeof jig>[0]): Rig => jig({ style: 'swim', ...parts });
const skirtTo = (rig: Rig, lengthMm: number): Rig => ({ ...rig, skirt: { ...rig.skirt!, lengthMm } });
const guardOf = (part: Partial<NonNullable<Rig['guard']>>): Rig => ({ ...jig(), guard: { ...jig().guard!, ...part } });
const arms = (part: Partial<NonNullable<Rig['arms']>>): Rig => ({
  ...spinner(),
  arms: { ...spinner().arms!, ...part },
});
const hook = (size: '1/0' | '2/0' | '4/0', point: 'up' | 'down' = 'up'): Rig => ({
  ...spinner(),
  trailerHook: { kind: 'single', point, size },
});
const wire = (name: Rig['head']['hook']['wire']): Rig => {
  const rig = jig();
  return { ...rig, head: { ...rig.head, hook: { size: '5/0', wire: name } } };
};
const planned = (plan: RetrievePlan, more: CheckedWith = {}): CheckedWith => ({ ...more, plan });
const withLine = (kind: 'fluorocarbon' | 'braid', lb: number): CheckedWith =>
  planned(steadyPlan(0.75, 2, { line: { kind, lb } }));
const WEED: CheckedWith = on({
  depthM: 3,
  cover: [{ kind: 'grass-submerged', density: 'medium', topM: 1 }],
  band: { fromM: 0, toM: 0.9 },
});

/** For every fault a rig that has it, and one as near as can be that has not. */
const CASES: Readonly<Record<FaultId, readonly [advises: Case, holds: Case]>> = {
  'edge-on-round-body': [
    [jig({ trailer: 'stick-worm', more: { orientation: 'edge' } })],
    [jig({ trailer: 'flat-bug', more: { orientation: 'edge' } })],
  ],
  // a 76.2 mm chunk: the limit lies at exactly this skirt
  'skirt-hides-tail': [
    [skirtTo(jig(), 76.2 - TAIL_BEYOND_SKIRT_MM + 0.5)],
    [skirtTo(jig(), 76.2 - TAIL_BEYOND_SKIRT_MM - 0.001)],
  ],
  'bare-point-in-plastic': [[{ ...jig(), guard: null }], [{ ...jig(), guard: null, keeper: 'screw' }]],
  'core-longer-than-body': [
    [{ ...jig(), core: { lengthMm: 78, colour: 'chartreuse' } }],
    [{ ...jig(), core: { lengthMm: 76, colour: 'chartreuse' } }],
  ],
  'point-stays-in-plastic': [
    [
      (() => {
        const rig = jig({ trailer: 'paddle-tail', lengthIn: 5 });
        return { ...rig, head: { ...rig.head, hook: { size: '2/0', wire: 'medium' } } };
      })(),
    ],
    [jig({ trailer: 'swim-worm', lengthIn: 4 })],
  ],
  'tail-too-small': [
    [swim({ trailer: 'paddle-tail', lengthIn: 3 })],
    [swim({ trailer: 'paddle-tail', lengthIn: 4.25 })],
  ],
  'tail-too-strong': [
    [swim({ trailer: 'paddle-tail', lengthIn: 5.25 })],
    [swim({ trailer: 'paddle-tail', lengthIn: 4.25 })],
  ],
  'skirt-is-pinned': [
    [skirtTo(swim({ oz: 0.75, trailer: 'paddle-tail', lengthIn: 5 }), 90)],
    [swim({ oz: 0.75, trailer: 'rolling-paddle-tail', lengthIn: 5 })],
  ],
  'rolling-tail-overpowered': [
    [swim({ oz: 0.5, trailer: 'rolling-paddle-tail' })],
    [swim({ oz: 0.75, trailer: 'rolling-paddle-tail' })],
  ],
  'plastic-too-stiff': [
    [jig({ trailer: 'flapper-craw', more: { softness: 'tough' }, oz: 0.125 }), { tempC: 2 }],
    [jig({ trailer: 'flapper-craw', more: { softness: 'soft' }, oz: 0.5 }), { tempC: 25 }],
  ],
  'ends-before-the-bend': [
    [jig({ trailer: 'small-craw', lengthIn: 2.5, more: { cutNoseMm: 34 } })],
    [jig({ trailer: 'small-craw', lengthIn: 2.5, more: { cutNoseMm: 20 } })],
  ],
  'worm-rather-than-jig': [
    [
      (() => {
        const rig = jig({ trailer: 'finesse-worm', lengthIn: 2.5, oz: 0.25 });
        return { ...skirtTo(rig, 30), head: { ...rig.head, finesse: true } };
      })(),
    ],
    [jig({ trailer: 'finesse-worm', lengthIn: 4 })],
  ],
  'legs-behind-a-plate': [
    [vibrating('standard', { trailer: 'flapper-craw' }), on({ visibilityM: 0.6 })],
    [vibrating('standard', { trailer: 'flapper-craw' }), on({ visibilityM: 0.1 })],
  ],
  'plate-runs-wild': [
    [vibrating('standard', { trailer: 'finesse-worm', oz: 0.75 })],
    [vibrating('standard', { trailer: 'straight-minnow', lengthIn: 4.75 })],
  ],
  'plate-wild-in-mud': [
    [vibrating(), on({ visibilityM: 0.1 })],
    [vibrating(), on({ visibilityM: 0.5 })],
  ],
  'ribbed-tail-upright': [
    [vibrating('subtle', { trailer: 'ribbed-paddle-tail' })],
    [vibrating('subtle', { trailer: 'ribbed-paddle-tail', more: { orientation: 'inverted' } })],
  ],
  'link-gathers-weed': [
    [{ ...vibrating(), blade: { size: 'standard', link: 'ring', finish: 'black' } }, grass],
    [{ ...vibrating(), blade: { size: 'standard', link: 'ring', finish: 'black' } }, on({})],
  ],
  'one-tail-on-stems': [
    [vibrating('standard', { trailer: 'paddle-tail' }), cover('pads')],
    [vibrating('standard', { trailer: 'kick-bug' }), cover('pads')],
  ],
  'bulk-behind-blades': [[spinner([['colorado', 4]], { trailer: 'chunk' })], [spinner([['colorado', 4]])]],
  'tail-lifts-blades-over-weed': [
    [spinner([['willow', 4]], { trailer: 'paddle-tail' }), grass],
    [spinner([['willow', 4]], { trailer: 'paddle-tail' }), on({})],
  ],
  'large-round-blade-in-weed': [
    [spinner([['colorado', 5]]), grass],
    [spinner([['colorado', 4]]), grass],
  ],
  'long-arm-over-wood': [
    [arms({ upperMm: 65 }), cover('laydown')],
    [arms({ upperMm: 64.9 }), cover('laydown')],
  ],
  'wide-arms-in-weed': [
    [arms({}), grass],
    [arms({ squeezed: true }), grass],
  ],
  'arm-out-of-line': [[arms({ twistDeg: -3 })], [arms({ twistDeg: 2.9 })]],
  'second-hook-too-large': [[hook('2/0')], [hook('1/0')]],
  'second-hook-down-near-cover': [
    [hook('1/0', 'down'), cover('brush')],
    [hook('1/0', 'down'), on({})],
  ],
  'guard-holds-point-flat': [
    [
      {
        ...jig({ style: 'swim', trailer: 'paddle-tail', lengthIn: 4.25 }),
        guard: { ...jig().guard!, fibres: 60, lengthMm: 18 },
      },
    ],
    [jig()],
  ],
  'guard-too-stiff': [[guardOf({ fibres: 60 })], [guardOf({ fibres: 20 })]],
  'guard-off-the-barb': [[guardOf({ lengthMm: 20 })], [guardOf({ lengthMm: 28 })]],
  'tie-swings-hook-out': [[{ ...jig({ style: 'vertical' }), guard: null }], [jig({ style: 'vertical' })]],
  'one-wire-in-twigs': [
    [guardOf({ kind: 'wire', fibres: 1 }), cover('brush')],
    [guardOf({ kind: 'wire', fibres: 1 }), cover('rock')],
  ],
  'wire-outguns-line': [
    [wire('extra-heavy'), withLine('fluorocarbon', 12)],
    [wire('extra-heavy'), withLine('braid', 65)],
  ],
  'line-outguns-wire': [
    [wire('light'), withLine('braid', 65)],
    [wire('extra-heavy'), withLine('braid', 65)],
  ],
  'pointed-nose-in-forks': [
    [jig({ style: 'flipping' }), cover('hardwood')],
    [jig({ style: 'flipping' }), cover('dock')],
  ],
  'football-in-riprap': [
    [jig({ style: 'football' }), cover('riprap')],
    [jig({ style: 'football' }), cover('gravel-bar')],
  ],
  'claws-in-thick-brush': [
    [jig({ trailer: 'flapper-craw' }), cover('flooded-bush', 'thick')],
    [jig({ trailer: 'flapper-craw' }), cover('flooded-bush', 'medium')],
  ],
  'ball-head-in-weed': [
    [jig({ style: 'ball' }), grass],
    [jig({ style: 'casting' }), grass],
  ],
  'lively-for-cold-fish': [
    [jig({ trailer: 'flapper-craw' }), on({ temperatureC: 7.2, mood: 'inactive' })],
    [jig({ trailer: 'flapper-craw' }), on({ temperatureC: 7.3, mood: 'inactive' })],
  ],
  'treble-near-cover': [
    [{ ...spinner(), trailerHook: { kind: 'treble', point: 'down', size: '2/0' } }, cover('brush')],
    [{ ...spinner(), trailerHook: { kind: 'treble', point: 'down', size: '2/0' } }, on({})],
  ],
  'swim-jig-hopped': [
    [swim({ trailer: 'paddle-tail' }), planned(steadyPlan(0.75, 2, { steps: [{ do: 'lift-drop', m: 0.3 }] }))],
    [swim({ trailer: 'paddle-tail' }), planned(steadyPlan(0.75, 2))],
  ],
  'vertical-head-dragged': [
    [jig({ style: 'vertical' }), planned(steadyPlan(0.3, 2))],
    [jig({ style: 'vertical' }), planned(steadyPlan(0.3, 2, { steps: [{ do: 'lift-drop', m: 0.9 }] }))],
  ],
  'legs-in-branches': [
    [jig({ trailer: 'kick-bug' }), cover('brush')],
    [jig({ trailer: 'kick-bug' }), cover('brush', 'sparse')],
  ],
  'edge-in-a-mat': [
    [jig({ trailer: 'flat-bug', more: { orientation: 'edge' } }), cover('grass-matted')],
    [jig({ trailer: 'flat-bug' }), cover('grass-matted')],
  ],
  'skirt-too-bulky-for-clear': [
    [jig({ strands: 55 }), on({ visibilityM: 0.95 })],
    [jig({ strands: 54 }), on({ visibilityM: 0.95 })],
  ],
  'too-bright-for-clear': [
    [{ ...jig(), skirt: { ...jig().skirt!, colour: 'chartreuse' } }, on({ visibilityM: 2 })],
    [{ ...jig(), skirt: { ...jig().skirt!, colour: 'chartreuse' } }, on({ visibilityM: 0.3 })],
  ],
  'not-the-colour-of-their-food': [
    [jig(), on({ forage: ['shad'] })],
    [jig(), on({ forage: ['shad'], schools: { 'colour-order': 'colour-last' } })],
  ],
  'colour-unknown': [[{ ...jig(), skirt: { ...jig().skirt!, colour: 'moonlight frost' } }], [jig()]],
  'not-allowed-here': [
    [jig(), on({ localRules: { lead: false } })],
    [jig({ metal: 'tungsten' }), on({ localRules: { lead: false } })],
  ],
  'swim-jig-reeled-straight': [
    [swim({ trailer: 'flat-bug' }), planned(steadyPlan())],
    [swim({ trailer: 'paddle-tail', lengthIn: 4.25 }), planned(steadyPlan())],
  ],
  'rod-too-low': [
    [swim({ trailer: 'paddle-tail' }), planned(steadyPlan(0.75, 2, { tipHeightM: 0.5 }))],
    [swim({ trailer: 'paddle-tail' }), planned(steadyPlan(0.75, 2, { tipHeightM: 2.5 }))],
  ],
  'reeled-to-the-top': [
    [swim({ oz: 0.1875, trailer: 'flapper-craw' }), planned(steadyPlan(1.5))],
    [swim({ oz: 0.75, trailer: 'swim-worm' }), planned(steadyPlan(0.75))],
  ],
  'swim-jig-left-to-rest': [
    [
      swim({ trailer: 'paddle-tail' }),
      planned(
        steadyPlan(0.75, 2, {
          steps: [
            { do: 'pause', s: 1.5 },
            { do: 'reel', mPerS: 0.7 },
          ],
        }),
      ),
    ],
    [
      swim({ trailer: 'paddle-tail' }),
      planned(
        steadyPlan(0.75, 2, {
          steps: [
            { do: 'pause', s: 1.4 },
            { do: 'reel', mPerS: 0.7 },
          ],
        }),
      ),
    ],
  ],
  'plastic-slides-off': [
    [vibrating('standard', { trailer: 'flapper-craw' }), planned(steadyPlan(2.4))],
    [vibrating('standard', { trailer: 'straight-minnow' }), planned(steadyPlan(1))],
  ],
  'reeled-too-slowly-to-work': [
    [spinner([['willow', 5]]), planned(steadyPlan(0.3))],
    [spinner([['colorado', 4]]), planned(steadyPlan(0.6))],
  ],
  'blades-blow-over': [
    [{ ...arms({ twistDeg: 30 }) }, planned(steadyPlan(2.5))],
    [arms({}), planned(steadyPlan(0.6))],
  ],
  'runs-into-the-weed': [
    [swim({ oz: 0.75, trailer: 'swim-worm' }), planned(steadyPlan(0.5), WEED)],
    [swim({ oz: 0.1875, trailer: 'flapper-craw' }), planned(steadyPlan(0.75), WEED)],
  ],
  'runs-outside-the-wanted-band': [
    [swim({ oz: 0.5, trailer: 'wide-swimmer' }), planned(steadyPlan(0.5), WEED)],
    [swim({ oz: 0.25, trailer: 'wide-swimmer' }), planned(steadyPlan(0.75), WEED)],
  ],
  'crept-through-mud': [
    [jig(), planned(steadyPlan(0.3), on({ visibilityM: 0.1 }))],
    [jig(), planned(steadyPlan(0.3, 2, { steps: [{ do: 'lift-drop', m: 0.3 }] }), on({ visibilityM: 0.1 }))],
  ],
};

const ids = ([rig, given]: Case): FaultId[] => rigFaults(rig, given).map(({ id }) => id);

describe('checks of a rig', () => {
  test('every check has its cases, every id its check', () => {
    expect(Object.keys(CASES).sort()).toEqual([...FAULT_IDS].sort());
    expect(RIG_CHECKS.map(({ id }) => id).sort()).toEqual([...FAULT_IDS].sort());
  });
  test.each(FAULT_IDS)('%s', (id) => {
    expect(ids(CASES[id][0])).toContain(id);
    expect(ids(CASES[id][1])).not.toContain(id);
  });
  test.each(FAULT_IDS)('%s: its remedy makes a rig or a retrieve without it', (id) => {
    const [rig, given = {}] = CASES[id][0];
    const fault = rigFaults(rig, given).find((one) => one.id === id)!;
    expect(fault.says.length).toBeGreaterThan(10);
    expect(fault.remedy.length).toBeGreaterThan(5);
    expect(`${fault.says} ${fault.remedy}`).not.toMatch(/NaN|undefined/);
    expect(fault.fixedRig ?? fault.fixedPlan).not.toBeNull();
    const after = rigFaults(fault.fixedRig ?? rig, { ...given, plan: fault.fixedPlan ?? given.plan ?? null });
    expect(after.map((one) => one.id)).not.toContain(id);
  });
  test('what a water or a retrieve would be needed for cannot be told without', () => {
    const told = (rig: Rig): string[] => RIG_CHECKS.map((check) => check.judge(checkedOf(rig)).verdict);
    expect(told(vibrating('standard', { trailer: 'flapper-craw' }))).toContain('cannot-tell');
    expect(
      told(swim({ trailer: 'paddle-tail' })).filter((verdict) => verdict === 'cannot-tell').length,
    ).toBeGreaterThan(3);
  });
  test('no trailer: checks of trailers do not apply', () => expect(ids([jig({ trailer: null })])).toEqual([]));
  test('any rig on any water: each remedy gives a valid rig or plan, and its own fault is gone', () => {
    fc.assert(
      fc.property(
        anyFamilyRig,
        anyWater,
        fc.double({ min: 0.1, max: 2.5, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (rig, water, mPerS, tipHeightM) => {
          const given = { water, plan: steadyPlan(mPerS, 2, { tipHeightM }) };
          for (const { id, fixedRig, fixedPlan } of rigFaults(rig, given)) {
            if (fixedRig) expect([id, parseRig(fixedRig).ok]).toEqual([id, true]);
            if (fixedPlan) expect([id, planSchema.safeParse(fixedPlan).success]).toEqual([id, true]);
            if (!fixedRig && !fixedPlan) continue;
            const after = rigFaults(fixedRig ?? rig, { water, plan: fixedPlan ?? given.plan });
            expect(after.map((one) => one.id)).not.toContain(id);
          }
        },
      ),
      { numRuns: runs(150), seed: 11 },
    );
  });
});

test('what is forbidden names only what was entered and what the rig carries', () => {
  const treble = { ...jig(), trailerHook: { kind: 'treble', point: 'up', size: '1/0' } as const };
  const said = (rig: Rig, localRules: object): string => {
    const fault = rigFaults(rig, on({ localRules }), 'us').find(({ id }) => id === 'not-allowed-here');
    return `${fault?.says} ${fault?.remedy}`;
  };
  expect(said(jig(), { lead: false })).toMatch(/forbid lead\. Take a head of another metal\.$/);
  expect(said(jig(), { lead: false })).not.toMatch(/hook|treble/);
  expect(said(treble, { treble: false })).toMatch(/forbid a treble\. Take the hook off the bend\.$/);
  expect(said(treble, { treble: false, lead: false })).toMatch(/forbid lead and a treble\./);
  expect(said(jig(), { hooksPerLine: 0 })).toMatch(/allow no hook\./);
});
