import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { rigBody, skirtBody } from '../rig/body/body';
import { frameBody, vaneStartMps } from '../rig/body/frame';
import { CRAWL_MPS, packedM, skirtSpreadM } from '../rig/body/skirt-shape';
import { trailerBody } from '../rig/body/trailer-body';
import { parseRig, uncutTrailer, type Rig } from '../rig/parts/schema';
import type { TrailerKind } from '../tackle/trailers';
import { massKgFromOz } from '../units/units';
import { jig, spinner, vibrating } from '../testing/fixtures/rigs';
import { steadyFall } from './fall';
import { mediumAt } from './medium';
import { blowOverMps, rollRad, uprightOnContact } from './roll';
import { pinnedAboveMps, puffRatio, pulseIndex, seeThrough, strandHz } from './skirt-motion';
import { tailBeatHz, tailReachM, wagMatch } from './tail';
import { bladeTurnsHz, flashCm2, hunting, plateBeatHz, thumpCm2 } from './vanes';

const RHO = 999;
const medium = mediumAt(15);
const trailer = (kind: TrailerKind, inches: number) =>
  trailerBody(uncutTrailer({ kind, lengthMm: inches * 25.4, softness: 'medium', colour: 'white' }));
const skirt = (lengthMm: number, strands = 50) => skirtBody({ material: 'silicone', strands, thinned: 0, lengthMm });
const match = (kind: TrailerKind, inches: number, oz: number) =>
  wagMatch(kind, trailer(kind, inches), massKgFromOz(oz));

describe('tails', () => {
  test.each([
    ['paddle-tail', 3.75, 0.375, 527 / 735, 'matched'],
    ['ribbed-paddle-tail', 4.25, 0.375, 870 / 735, 'matched'],
    ['ribbed-paddle-tail', 4.75, 0.5, 1018 / 735, 'matched'],
    ['paddle-tail', 3.25, 0.375, 298 / 735, 'dead'],
    ['paddle-tail', 3.75, 0.5, 395 / 735, 'weak'],
    ['ribbed-paddle-tail', 5, 0.375, 1667 / 735, 'overpowering'],
    ['paddle-tail', 3.75, 0.25, 791 / 735, 'matched'],
    ['rolling-paddle-tail', 5, 0.75, (0.75 * 833) / 735, 'matched'],
  ] as const)('%s of %f in on %f oz', (kind, inches, oz, index, verdict) => {
    const found = match(kind, inches, oz);
    expect(found.verdict).toBe(verdict);
    expect(found.index!).toBeCloseTo(index, 1);
  });
  test('from 5/16 oz down never worse than matched, however large or small the tail', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.5, max: 6, noNaN: true }),
        fc.double({ min: 0.1, max: 0.312, noNaN: true }),
        (inches, oz) => {
          expect(match('paddle-tail', inches, oz).verdict).toBe('matched');
        },
      ),
    );
  });
  test('what does not wag is not judged', () => {
    expect(match('chunk', 3, 0.5)).toEqual({ index: null, verdict: 'not-applicable' });
    expect(wagMatch(null, null, 0.01).verdict).toBe('not-applicable');
  });
  test('beats with speed, dead below its onset, never for still tails', () => {
    const body = trailer('paddle-tail', 3.75);
    expect(tailBeatHz(body, 0.25, 0.2)).toBe(0);
    expect(tailBeatHz(body, null, 1)).toBeNull();
    expect(tailBeatHz(body, 0.25, 1)! / tailBeatHz(body, 0.25, 0.5)!).toBeCloseTo(2, 9);
    // Strouhal: beats x sweep over speed, 0.25 to 0.3
    const strouhal = (tailBeatHz(body, 0.25, 0.8)! * 0.2 * body.lengthM) / 0.8;
    expect(strouhal).toBeGreaterThan(0.25);
    expect(strouhal).toBeLessThan(0.3);
  });
});

describe('skirts', () => {
  test('strands swing at their own pace: 55 mm 0.8 Hz, 30 mm 2.6 Hz', () => {
    expect(strandHz(skirt(55), RHO)).toBeCloseTo(0.8, 1);
    expect(strandHz(skirt(30), RHO)).toBeCloseTo(2.6, 0);
  });
  test('their pace falls with the square of their length', () => {
    expect(strandHz(skirt(30), RHO) / strandHz(skirt(60), RHO)).toBeCloseTo(4, 6);
  });
  test('pulse: shorter is livelier, a faster wag leaves it behind; 0 to 100', () => {
    expect(pulseIndex(skirt(30), 5, RHO)).toBeGreaterThan(pulseIndex(skirt(55), 5, RHO));
    expect(pulseIndex(skirt(55), 8, RHO)).toBeLessThan(pulseIndex(skirt(55), 3, RHO));
    expect(pulseIndex(skirt(10), 0.1, RHO)).toBeLessThan(100);
  });
  test('puff is 1 at rest and grows with speed', () => {
    expect(puffRatio(skirt(55), 1e-6, RHO)).toBeCloseTo(1, 6);
    expect(puffRatio(skirt(55), 0.4, RHO)).toBeGreaterThan(3);
    expect(puffRatio(skirt(55), 0.8, RHO)).toBeGreaterThan(puffRatio(skirt(55), 0.4, RHO));
  });
  test('light: exp(-N w / (pi D)), half of it through an ordinary skirt, more through a thin one', () => {
    const whole = skirt(55);
    const spread = skirtSpreadM(whole, CRAWL_MPS, RHO);
    expect(seeThrough(whole, RHO)).toBeCloseTo(Math.exp((-50 * 0.001) / (Math.PI * spread)), 9);
    expect(seeThrough(skirt(55, 30), RHO)).toBeGreaterThan(seeThrough(whole, RHO));
    expect(seeThrough(whole, RHO)).toBeGreaterThan(0.4);
    expect(seeThrough(whole, RHO)).toBeLessThan(0.6);
  });
  test('however fast, a skirt is never narrower than its strands laid together', () => {
    expect(skirtSpreadM(skirt(55), 50, RHO)).toBeGreaterThanOrEqual(packedM(skirt(55)));
    // fifty ribbons of 1 x 0.45 mm
    expect(packedM(skirt(55))).toBeGreaterThan(Math.sqrt((4 * 50 * 0.45e-6) / Math.PI));
    expect(packedM(skirt(55))).toBeLessThan(0.008);
  });
  test('trimming hardly changes the width it stands at a crawl, but the angle: shorter stands wider for its length', () => {
    const [long, short] = [skirtSpreadM(skirt(60), CRAWL_MPS, RHO), skirtSpreadM(skirt(40), CRAWL_MPS, RHO)];
    expect(short / long).toBeGreaterThan(0.9);
    expect(short / 0.04).toBeGreaterThan(1.3 * (long / 0.06));
  });
  test('a wide tail pins a long skirt above some speed; a trimmed one later; a rolling tail never', () => {
    const wide = trailer('paddle-tail', 4.75);
    const above = pinnedAboveMps(skirt(55), tailReachM('paddle-tail', wide), wide.lengthM, RHO)!;
    expect(above).toBeGreaterThan(0.3);
    expect(above).toBeLessThan(2.5);
    const trimmed = pinnedAboveMps(skirt(35), tailReachM('paddle-tail', wide), wide.lengthM, RHO);
    expect(trimmed === null || trimmed > above).toBe(true);
    const rolling = trailer('rolling-paddle-tail', 5);
    expect(pinnedAboveMps(skirt(55), tailReachM('rolling-paddle-tail', rolling), rolling.lengthM, RHO)).toBeNull();
    expect(pinnedAboveMps(skirt(55), 0, 0.1, RHO)).toBeNull();
  });
});

describe('blades and plates', () => {
  test.each([
    ['colorado', 0.34],
    ['indiana', 0.42],
    ['willow', 0.64],
  ] as const)('%s starts at about %f m/s, whatever its size', (shape, mps) => {
    for (const size of [3, 4, 5]) {
      expect(vaneStartMps(frameBody(spinner([[shape, size]]))!.vanes[0]!, RHO)).toBeCloseTo(mps, 1);
    }
  });
  test('a blade in a wake starts later and turns slower', () => {
    const [front, rear] = frameBody(
      spinner([
        ['willow', 4],
        ['willow', 4],
      ]),
    )!.vanes;
    expect(vaneStartMps(rear!, RHO)).toBeGreaterThan(vaneStartMps(front!, RHO));
    expect(bladeTurnsHz(rear!, 1.5, RHO)).toBeLessThan(bladeTurnsHz(front!, 1.5, RHO));
    expect(bladeTurnsHz(front!, 0.1, RHO)).toBe(0);
  });
  test('Colorado thumps, willow flashes', () => {
    const vane = (shape: 'colorado' | 'willow') => frameBody(spinner([[shape, 4]]))!.vanes[0]!;
    expect(thumpCm2(vane('colorado'))).toBeGreaterThan(thumpCm2(vane('willow')));
    expect(flashCm2(vane('willow'))).toBeGreaterThan(flashCm2(vane('colorado')));
  });
  test.each([
    ['straight-minnow', 0.83],
    ['stick-worm', 0.78],
    ['flat-bug', 0.64],
    ['paddle-tail', 0.41],
    ['flapper-craw', 0.18],
  ] as const)('a standard plate with a %s hunts %f', (kind, share) => {
    expect(Math.abs(hunting(rigBody(vibrating('standard', { trailer: kind })), medium)!.share - share)).toBeLessThan(
      0.06,
    );
  });
  test('a trailer far too light lets it run wild; only vibrating heads hunt', () => {
    expect(hunting(rigBody(vibrating('standard', { oz: 1, trailer: 'finesse-worm' })), medium)!.wild).toBe(true);
    expect(hunting(rigBody(vibrating('standard', { oz: 0.375, trailer: 'straight-minnow' })), medium)!.wild).toBe(
      false,
    );
    expect(hunting(rigBody(jig()), medium)).toBeNull();
  });
  test('a small plate beats faster, and none beats standing still', () => {
    const beat = (size: 'compact' | 'oversize', mps = 1) =>
      plateBeatHz(frameBody(vibrating(size))!.vanes[0]!, mps, RHO);
    expect(beat('compact')).toBeGreaterThan(beat('oversize'));
    expect(beat('compact', 0.1)).toBe(0);
  });
  test('what spins holds a rig up on its way down', () => {
    const speed = (rig: Rig): number => steadyFall(rigBody(rig), medium).speedMps;
    const bare = { ...spinner(), family: 'skirted' } as Rig;
    delete (bare as { blades?: unknown }).blades;
    delete (bare as { arms?: unknown }).arms;
    expect(speed(spinner([['colorado', 4]]))).toBeLessThan(speed(bare));
    expect(speed(spinner([['colorado', 6]]))).toBeLessThan(speed(spinner([['colorado', 3]])));
  });
  test.each([
    ['a spinner without blades', { ...spinner(), blades: undefined }, 'needs-block', 'blades'],
    ['a vibrating head without a plate', { ...vibrating(), blade: undefined }, 'needs-block', 'blade'],
    ['a willow of size 2', spinner([['willow', 2]]), 'no-such-size', 'blades[0].size'],
  ])('%s is refused by field', (_, rig, code, path) => {
    expect(parseRig(JSON.parse(JSON.stringify(rig)))).toMatchObject({ ok: false, issues: [{ code, path }] });
  });
});

describe('leaning and standing', () => {
  const pair: [['colorado', number], ['willow', number]] = [
    ['colorado', 3],
    ['willow', 4],
  ];
  const twisted = (twistDeg: number): Rig => ({ ...spinner(pair), arms: { ...spinner().arms!, twistDeg } });
  test('blow-over is where it leans 60 degrees', () => {
    const body = rigBody(spinner(pair));
    expect(rollRad(body, medium, blowOverMps(body, medium)!)! * (180 / Math.PI)).toBeCloseTo(60, 6);
  });
  test('a twisted arm, and bulk behind it, blow over sooner; a heavier head later', () => {
    const speed = (rig: Rig): number => blowOverMps(rigBody(rig), medium)!;
    expect(speed(twisted(10))).toBeLessThan(speed(twisted(0)));
    expect(speed(twisted(-10))).toBeCloseTo(speed(twisted(10)), 9);
    expect(speed(spinner(pair, { trailer: 'wide-swimmer' }))).toBeLessThan(speed(spinner(pair)));
    expect(speed(spinner(pair, { oz: 0.75 }))).toBeGreaterThan(speed(spinner(pair)));
  });
  test('rigs without arms do not blow over', () => {
    expect(blowOverMps(rigBody(jig()), medium)).toBeNull();
    expect(rollRad(rigBody(vibrating()), medium, 1)).toBeNull();
  });
  test('two legs stand, one tail turns over, a leg above a leg holds nothing', () => {
    const stands = (kind: TrailerKind, turned = false): number =>
      uprightOnContact(rigBody(jig({ trailer: kind })), turned);
    expect(stands('flapper-craw')).toBeGreaterThan(0.7);
    expect(stands('single-tail-grub')).toBeLessThan(0.4);
    expect(stands('flapper-craw', true)).toBeLessThan(stands('flapper-craw'));
    expect(uprightOnContact(rigBody(jig({ trailer: null })), false)).toBe(0);
  });
});
