import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { rigBody } from '../rig/body/body';
import { trailerBody } from '../rig/body/trailer-body';
import type { Trailer } from '../rig/parts/schema';
import { jig } from '../testing/fixtures/rigs';
import { hasTrait, TRAILER_KINDS, TRAILERS } from '../tackle/trailers';
import { mediumAt } from './medium';
import { onsetOfMps, showAtSpeed } from './kick';
import { pushIndex } from './push';
import { tailBeatHz, tailReachM, wagMatch } from './tail';

const KICKERS = TRAILER_KINDS.filter((kind) => TRAILERS[kind].kickOnsetMps !== null);
const AT_C = 20;
const HEAD_KG = 0.0142;
const FAST_MPS = 1.5;
const cut = (kind: Trailer['kind'], more: Partial<Trailer> = {}): Trailer =>
  jig({ style: 'swim', trailer: kind, more }).trailer!;
/** How long the tail, legs or claws of a trailer are, mm. */
const tailMm = ({ kind, lengthMm }: Trailer): number => (1 - TRAILERS[kind].appendage.root) * lengthMm;
const moves = (one: Trailer) => {
  const body = trailerBody(one);
  const onset = onsetOfMps(one, AT_C);
  return {
    onset,
    beat: tailBeatHz(body, onset, FAST_MPS),
    show: showAtSpeed(one.kind, onset, FAST_MPS, body.tailLeft),
    push: body.pushM2,
    match: wagMatch(one.kind, body, HEAD_KG).index,
    reach: tailReachM(one.kind, body),
  };
};

describe.each(KICKERS)('a %s', (kind) => {
  test('without its tail is a dead body: nothing starts, beats, wags or swings', () => {
    const whole = cut(kind);
    const dead = moves(cut(kind, { cutTailMm: Math.ceil(tailMm(whole)) + 1 }));
    expect(dead).toMatchObject({ onset: null, beat: null, push: 0, match: null, reach: 0 });
    expect(dead.show).toBeLessThanOrEqual(0.1);
    expect(dead.show).toBeLessThan(moves(whole).show);
  });
  test('a cut at the nose leaves its tail as it was', () => {
    expect(moves(cut(kind, { cutNoseMm: 10 }))).toEqual(moves(cut(kind)));
  });
  test('half its tail starts later, shows, pushes and swings less, and beats no faster', () => {
    const [whole, half] = [moves(cut(kind)), moves(cut(kind, { cutTailMm: tailMm(cut(kind)) / 2 }))];
    expect(half.onset).toBeCloseTo(whole.onset! * Math.SQRT2, 9);
    expect(half.beat).toBe(whole.beat);
    expect(half.show).toBeLessThan(whole.show);
    expect(half.push).toBeCloseTo(whole.push / 2, 9);
    if (!hasTrait(kind, 'wags')) return;
    expect([half.reach / whole.reach, half.match! / whole.match!]).toEqual([expect.closeTo(0.5), expect.closeTo(0.5)]);
  });
  test('no cut makes it livelier, and what is left changes without a jump', () => {
    let before = moves(cut(kind));
    for (let cutTailMm = 0.1; cutTailMm < tailMm(cut(kind)); cutTailMm += 0.1) {
      const now = moves(cut(kind, { cutTailMm }));
      expect([cutTailMm, now.show <= before.show + 1e-9, now.push <= before.push + 1e-9]).toEqual([
        cutTailMm,
        true,
        true,
      ]);
      if (now.onset !== null) expect(now.show).toBeGreaterThan(before.show - 0.1);
      before = now;
    }
  });
});

test('a leg taken off takes its share of everything but the speed at which the others start', () => {
  fc.assert(
    fc.property(fc.constantFrom(...KICKERS.filter((kind) => TRAILERS[kind].appendage.count > 1)), (kind) => {
      const { count } = TRAILERS[kind].appendage;
      const [whole, less] = [moves(cut(kind)), moves(cut(kind, { legsOff: 1 }))];
      expect(less.onset).toBe(whole.onset);
      expect(less.push).toBeCloseTo((whole.push * (count - 1)) / count, 12);
      expect(less.show - 0.1).toBeCloseTo(((whole.show - 0.1) * (count - 1)) / count, 9);
      expect(moves(cut(kind, { legsOff: count }))).toMatchObject({ onset: null, push: 0 });
    }),
  );
});

test('the push that is felt follows what is left', () => {
  const medium = mediumAt(AT_C);
  const felt = (cutTailMm: number): number =>
    pushIndex(rigBody(jig({ trailer: 'paddle-tail', more: { cutTailMm } })), medium);
  expect(felt(12)).toBeLessThan(felt(4));
  expect(felt(4)).toBeLessThan(felt(0));
});
