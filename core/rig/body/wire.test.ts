import { describe, expect, test } from '@jest/globals';
import { steadyFall } from '../../motion/fall';
import { mediumAt } from '../../motion/medium';
import { jig, spinner } from '../../testing/fixtures/rigs';
import { cylinderCd } from '../../water/cylinder-and-sphere';
import { rigBody } from './body';
import { wireBody } from './wire';
import type { Rig } from '../parts/schema';

const CM2 = 1e-4;
const bare = (rig: Rig): Rig => ({ ...rig, guard: null, skirt: null, trailer: null });
const fallMps = (rig: Rig): number => steadyFall(rigBody(rig), mediumAt(20)).speedMps;

describe('wire has drag', () => {
  test('a brush of 20 x 28 mm is about 1 cm² broadside, less where it leans back', () => {
    const guard = { kind: 'fibre', fibres: 20, lengthMm: 28, spread: 'none', bevel: false } as const;
    const brush = wireBody({ ...jig(), guard }).acrossM2 - wireBody({ ...jig(), guard: null }).acrossM2;
    const broadsideM2 = brush / Math.sin(Math.PI / 4) ** 3;
    expect(broadsideM2 / CM2).toBeGreaterThan(0.9);
    expect(broadsideM2 / CM2).toBeLessThan(1.5);
  });
  test('a guard makes a jig fall slower, a spread one slower still, a single wire hardly', () => {
    const rig = jig();
    const withGuard = (part: Partial<NonNullable<Rig['guard']>>): number =>
      fallMps({ ...rig, guard: { ...rig.guard!, ...part } });
    const none = fallMps({ ...rig, guard: null });
    expect(withGuard({})).toBeLessThan(none);
    expect(withGuard({ spread: 'fanned' })).toBeLessThan(withGuard({}));
    expect(withGuard({ spread: 'wings' })).toBeLessThan(withGuard({}));
    const wire = withGuard({ kind: 'wire', fibres: 1 });
    expect(wire).toBeLessThan(none * 1.01);
    expect(wire).toBeGreaterThan(withGuard({}));
  });
  test('fibres behind others are in their lee: four times as many are twice as wide', () => {
    const { guard } = jig();
    const brush = (fibres: number): number =>
      wireBody({ ...jig(), guard: { ...guard!, fibres } }).alongM2 - wireBody({ ...jig(), guard: null }).alongM2;
    expect(brush(40) / brush(10)).toBeGreaterThan(1.7);
    expect(brush(40) / brush(10)).toBeLessThan(2);
  });
  test('a 1/32 head on a large hook falls far slower than its bare ball', () => {
    const small = bare(jig({ style: 'ball', oz: 1 / 32 }));
    const body = rigBody(small);
    const ball = steadyFall({ ...body, wire: { alongM2: 0, acrossM2: 0 } }, mediumAt(20)).speedMps;
    expect(fallMps(small)).toBeLessThan(0.75 * ball);
  });
  test('what lies in plastic does not count twice: a threaded trailer covers the shank, one that hangs does not', () => {
    const threaded = wireBody({ ...jig(), guard: null });
    const hung = wireBody({ ...jig({ more: { hang: 'hung' } }), guard: null });
    const none = wireBody({ ...jig({ trailer: null }), guard: null });
    expect(threaded.acrossM2).toBeLessThan(hung.acrossM2);
    expect(hung).toEqual(none);
  });
  test('the arms of a spinner: a steeper one stands more across the pull; thicker wire and larger hooks meet more', () => {
    const armed = (angleDeg: number): number =>
      wireBody({ ...spinner(), arms: { ...spinner().arms!, angleDeg } }).alongM2;
    expect(armed(80)).toBeGreaterThan(armed(30));
    const hook = (size: '1/0' | '5/0', wire: 'light' | 'heavy'): number =>
      wireBody({ ...bare(jig()), head: { ...jig().head, hook: { size, wire } } }).acrossM2;
    expect(hook('5/0', 'heavy')).toBeGreaterThan(hook('1/0', 'heavy'));
    expect(hook('5/0', 'heavy')).toBeGreaterThan(hook('5/0', 'light'));
  });
  test('a rod across the flow has the published drag of a cylinder', () => {
    // Re 500: 1.1 to 1.2; Re 20: about 2.0 to 2.4 (typed from memory)
    expect(cylinderCd(500)).toBeGreaterThan(1.1);
    expect(cylinderCd(500)).toBeLessThan(1.2);
    expect(cylinderCd(20)).toBeGreaterThan(2);
    expect(cylinderCd(20)).toBeLessThan(2.4);
  });
});
