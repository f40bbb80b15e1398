import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { rigBody } from '../rig/body/body';
import { jig } from '../testing/fixtures/rigs';
import { SOFTNESSES, TRAILER_KINDS, TRAILERS, type TrailerKind } from '../tackle/trailers';
import { mediumAt } from './medium';
import { kickOnsetMps, plasticStiffness, showAtSpeed } from './kick';
import { pushIndex } from './push';

const medium = mediumAt(15);
const push = (trailer: TrailerKind | null): number => pushIndex(rigBody(jig({ trailer })), medium);

describe('kick', () => {
  test('medium plastic at 20 °C has the stiffness the table is made for', () => {
    expect(plasticStiffness('medium', 20)).toBe(1);
    for (const kind of TRAILER_KINDS) expect(kickOnsetMps(kind, 'medium', 20)).toBe(TRAILERS[kind].kickOnsetMps);
  });
  test('colder never kicks sooner, whatever the plastic', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SOFTNESSES), fc.double({ min: 0, max: 39, noNaN: true }), (softness, tempC) => {
        expect(kickOnsetMps('kick-bug', softness, tempC)).toBeGreaterThan(
          kickOnsetMps('kick-bug', softness, tempC + 1)!,
        );
      }),
    );
  });
  test('softer kicks sooner at any temperature', () => {
    for (const tempC of [2, 10, 20, 30]) {
      const [soft, medium_, tough] = SOFTNESSES.map((softness) => kickOnsetMps('flapper-craw', softness, tempC)!);
      expect(soft).toBeLessThan(medium_!);
      expect(medium_).toBeLessThan(tough!);
    }
  });
  test('curls wake before flappers, flappers before paddles', () => {
    const onset = (kind: TrailerKind): number => kickOnsetMps(kind, 'medium', 15)!;
    expect(onset('curl-craw')).toBeLessThan(onset('flapper-craw'));
    expect(onset('flapper-craw')).toBeLessThan(onset('paddle-tail'));
    expect(onset('paddle-tail')).toBeLessThan(onset('rolling-paddle-tail'));
  });
  test('below its onset a tail shows next to nothing, well above all it has, and between it rises', () => {
    expect(showAtSpeed('flapper-craw', 0.2, 0.05)).toBe(0.1);
    expect(showAtSpeed('flapper-craw', 0.2, 0.5)).toBeCloseTo(TRAILERS['flapper-craw'].show, 12);
    let before = 0;
    for (let speedMps = 0.1; speedMps < 0.4; speedMps += 0.01) {
      const now = showAtSpeed('flapper-craw', 0.2, speedMps);
      expect(now).toBeGreaterThanOrEqual(before);
      before = now;
    }
  });
  test('a still tail shows the same at any speed', () => {
    expect(showAtSpeed('chunk', null, 0)).toBe(TRAILERS.chunk.show);
    expect(showAtSpeed('chunk', null, 2)).toBe(TRAILERS.chunk.show);
  });
});

describe('push', () => {
  test('flapper, kicking bug, paddle-tail, chunk, flat bug, skirt alone: in that order, 0 to 100', () => {
    const values = (['flapper-craw', 'kick-bug', 'paddle-tail', 'chunk', 'flat-bug', null] as const).map(push);
    expect(values).toEqual([...values].sort((a, b) => b - a));
    expect(values[0]).toBeGreaterThan(80);
    expect(values[0]).toBeLessThan(100);
    expect(values.at(-1)).toBeGreaterThan(20);
  });
  test('push and show are two things: a curl shows more than it pushes, a flapper pushes more', () => {
    expect(TRAILERS['curl-craw'].show).toBeGreaterThan(TRAILERS['flapper-craw'].show);
    expect(push('curl-craw')).toBeLessThan(push('flapper-craw'));
  });
  test('a tail that is asleep pushes only with its skirt', () => {
    const body = rigBody(jig({ trailer: 'flapper-craw' }));
    expect(pushIndex(body, medium, 0)).toBeCloseTo(pushIndex(rigBody(jig({ trailer: null })), medium), 9);
    expect(pushIndex(body, medium, 0.5)).toBeLessThan(pushIndex(body, medium, 1));
  });
  test('a bare head pushes nothing', () => {
    expect(pushIndex(rigBody(jig({ trailer: null, strands: 0 })), medium)).toBe(0);
  });
});
