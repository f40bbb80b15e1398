import { describe, expect, test } from '@jest/globals';
import { jig } from '../../testing/fixtures/rigs';
import { HOOKS, WIRE_DIAMETER_MM } from '../../tackle/hooks';
import { rigBody } from '../body/body';
import { linePath, polygonAreaMm2, smoothPath } from './curve';
import { rigOutline } from './rig-outline';
import type { OutlinePart, View } from './outline-shape';
import type { Rig } from '../parts/schema';

const draw = (rig: Rig, view: View = 'side') => rigOutline(rig, rigBody(rig), view);
const paths = (rig: Rig, part: OutlinePart, view: View = 'side'): string[] =>
  draw(rig, view)
    .shapes.filter((shape) => shape.part === part)
    .map(({ d }) => d);
const numbers = (d: string): number[] => d.match(/-?\d+(\.\d+)?/g)!.map(Number);
const xs = (d: string): number[] => numbers(d).filter((_, i) => i % 2 === 0);
const ys = (d: string): number[] => numbers(d).filter((_, i) => i % 2 === 1);

describe('curves', () => {
  test('a smooth path goes through its points, closed or open', () => {
    const points = [
      [0, 0],
      [10, 5],
      [20, 0],
    ] as const;
    expect(smoothPath(points, false)).toMatch(/^M0 0C.* 10 5C.* 20 0$/);
    expect(smoothPath(points, true)).toMatch(/Z$/);
    expect(linePath(points)).toBe('M0 0L10 5L20 0');
  });
  test('area of a known figure', () => {
    expect(
      polygonAreaMm2([
        [0, 0],
        [4, 0],
        [4, 3],
      ]),
    ).toBe(6);
    expect(
      polygonAreaMm2([
        [4, 3],
        [4, 0],
        [0, 0],
      ]),
    ).toBe(6);
  });
});

describe('what a drawing shows', () => {
  const rig = jig();
  test('nose at zero, head as long as its lead', () => {
    const head = xs(paths(rig, 'head')[0]!);
    expect(Math.min(...head)).toBeCloseTo(0, 1);
    expect(Math.max(...head)).toBeCloseTo(rigBody(rig).head.lengthM * 1000, 0);
  });
  test('hook point up, gap and reach of its size', () => {
    const hook = paths(rig, 'hook')[0]!;
    const headMm = rigBody(rig).head.lengthM * 1000;
    expect(Math.min(...ys(hook))).toBeCloseTo(-HOOKS['5/0'].gapMm, 0);
    const outside = Math.max(...xs(hook)) + WIRE_DIAMETER_MM.medium / 2;
    expect(outside).toBeCloseTo(headMm + HOOKS['5/0'].reachMm, 0);
  });
  test('no guard, no skirt, no trailer: none drawn', () => {
    const bare: Rig = { ...jig({ trailer: null, strands: 0 }), guard: null };
    expect(new Set(draw(bare).shapes.map(({ part }) => part))).toEqual(
      new Set(['hook', 'point', 'barb', 'head', 'eye']),
    );
  });
  test('strands in two shades, as long as the skirt', () => {
    const light = paths(rig, 'skirt')[0]!;
    expect(paths(rig, 'skirt-shade')).toHaveLength(1);
    const headMm = rigBody(rig).head.lengthM * 1000;
    expect(Math.max(...xs(light))).toBeGreaterThan(headMm + 45);
    expect(Math.max(...xs(light))).toBeLessThan(headMm + 58);
  });
  test('a shorter skirt is drawn shorter', () => {
    const short = { ...rig, skirt: { ...rig.skirt!, lengthMm: 30 } };
    expect(Math.max(...xs(paths(short, 'skirt')[0]!))).toBeLessThan(Math.max(...xs(paths(rig, 'skirt')[0]!)) - 20);
  });
  test('two claws from above, one strip from the side', () => {
    const craw = jig({ trailer: 'flapper-craw' });
    expect(paths(craw, 'trailer', 'top')).toHaveLength(3);
    expect(paths(craw, 'trailer', 'side')).toHaveLength(2);
    expect(paths(jig({ trailer: 'flapper-craw', more: { legsOff: 1 } }), 'trailer', 'top')).toHaveLength(2);
    expect(paths(jig({ trailer: 'flapper-craw', more: { legsOff: 2 } }), 'trailer', 'top')).toHaveLength(1);
  });
  test('upside down the foot points up', () => {
    const foot = (orientation: 'flat' | 'inverted'): number[] =>
      ys(paths(jig({ trailer: 'paddle-tail', more: { orientation } }), 'trailer')[0]!);
    expect(Math.max(...foot('flat'))).toBeGreaterThan(5);
    expect(Math.min(...foot('inverted'))).toBeLessThan(-5);
  });
  test('a cut nose shortens the drawing by the cut', () => {
    const whole = draw(jig({ trailer: 'stick-worm', strands: 0 })).bounds;
    const cut = draw(jig({ trailer: 'stick-worm', strands: 0, more: { cutNoseMm: 15 } })).bounds;
    expect(whole.x + whole.width - (cut.x + cut.width)).toBeCloseTo(15, 1);
  });
  test('hung at its end the trailer starts at the bend', () => {
    const body = (hang: 'threaded' | 'hung'): number =>
      Math.min(...xs(paths(jig({ more: { hang } }), 'trailer').at(-1)!));
    expect(body('hung') - body('threaded')).toBeGreaterThan(25);
  });
  test('a bright core is drawn in its colour, ahead of the trailer', () => {
    const cored: Rig = { ...rig, core: { lengthMm: 20, colour: 'chartreuse' } };
    const shape = draw(cored).shapes.find(({ part }) => part === 'core')!;
    expect(shape.swatch).toBe('#b6c237');
    expect(Math.max(...xs(shape.d)) - Math.min(...xs(shape.d))).toBeCloseTo(20, 6);
    expect(draw(cored).bounds.width).toBeGreaterThan(draw(rig).bounds.width + 15);
  });
  test('a fanned guard and wings stand apart from above', () => {
    const width = (spread: 'none' | 'fanned' | 'wings'): number => {
      const guarded: Rig = { ...rig, guard: { ...rig.guard!, spread } };
      const tips = ys(paths(guarded, 'guard', 'top')[0]!);
      return Math.max(...tips) - Math.min(...tips);
    };
    expect(width('fanned')).toBeGreaterThan(1.5 * width('none'));
    expect(width('wings')).toBeGreaterThan(1.5 * width('none'));
  });
  test('cams are seen from the side', () => {
    const cammed: Rig = { ...rig, head: { ...rig.head, style: 'football', cams: true } };
    expect(paths(cammed, 'cam')).toHaveLength(1);
    expect(paths(rig, 'cam')).toHaveLength(0);
  });
  test('the box around a drawing holds all of it', () => {
    const { shapes, bounds } = draw(jig({ trailer: 'creature' }), 'top');
    for (const { d } of shapes) {
      expect(Math.min(...xs(d))).toBeGreaterThanOrEqual(bounds.x);
      expect(Math.max(...ys(d))).toBeLessThanOrEqual(bounds.y + bounds.height);
    }
  });
});
