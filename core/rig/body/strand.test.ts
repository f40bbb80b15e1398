import { describe, expect, test } from '@jest/globals';
import { radFromDeg } from '../../units/units';
import { linkedStrand } from '../../testing/independent/strand-links';
import { bentStrand, strandReach, strandRoom, strandShape } from './strand';

const broadside = radFromDeg(90);

describe('a strand in the flow', () => {
  test.each([25, 70, 75, 90])('unbent at no load: root of %p degrees', (deg) => {
    const { reach, drag } = bentStrand(radFromDeg(deg), 0);
    expect(reach).toBeCloseTo(Math.sin(radFromDeg(deg)), 9);
    expect(drag).toBeCloseTo(Math.sin(radFromDeg(deg)) ** 3, 9);
  });
  test('hardly bent it gives way as beam theory has it: the tip by load / 6, the drag by its square', () => {
    const load = 1;
    const theirs = 1 - (3 / 2) * (load / 6) ** 2 * (9 / 14);
    expect((1 - bentStrand(broadside, load).drag) / (1 - theirs)).toBeGreaterThan(0.9);
    expect((1 - bentStrand(broadside, load).drag) / (1 - theirs)).toBeLessThan(1.1);
  });
  test('at Ca 1000 a ribbon of coefficient 1.5 reaches a quarter of its length and keeps a tenth of its drag', () => {
    const { reach, drag } = bentStrand(broadside, 750);
    expect(reach).toBeCloseTo(0.255, 2);
    expect(drag).toBeCloseTo(0.098, 2);
  });
  test('half its drag is gone near Ca 15', () => {
    expect(bentStrand(broadside, (1.5 / 2) * 15).drag).toBeCloseTo(0.5, 1);
  });
  test.each([
    [70, 1],
    [70, 30],
    [70, 1000],
    [25, 10],
    [90, 5],
    [82, 200],
  ])('root of %p degrees at a load of %p: as sixty links with springs', (deg, load) => {
    const ours = bentStrand(radFromDeg(deg), load);
    const links = linkedStrand(radFromDeg(deg), load);
    expect(Math.abs(ours.reach / links.reach - 1)).toBeLessThan(0.02);
    expect(Math.abs(ours.drag / links.drag - 1)).toBeLessThan(0.02);
  });
  test('far out reach and drag fall with the cube root of the load', () => {
    const [near, far] = [bentStrand(1.2, 1e5), bentStrand(1.2, 8e5)];
    expect(near.drag / far.drag).toBeCloseTo(2, 1);
    expect(near.reach / far.reach).toBeCloseTo(2, 0);
  });
  test('never jumps and never grows with the load, whatever its root', () => {
    const wrong: string[] = [];
    for (let deg = 11; deg < 90; deg += 7.7) {
      let before = bentStrand(radFromDeg(deg), 0);
      for (let load = 1e-3; load < 1e7; load *= 1.05) {
        const at = bentStrand(radFromDeg(deg), load);
        const grows = at.reach > before.reach + 1e-12 || at.drag > before.drag + 1e-12;
        if (grows || at.reach / before.reach < 0.96 || at.drag / before.drag < 0.96) wrong.push(`${deg} at ${load}`);
        before = at;
      }
    }
    expect(wrong).toEqual([]);
  });
  test('the shape ends where the reach says, is as long as the strand, and starts along its root', () => {
    for (const load of [0, 3, 100, 3000]) {
      const shape = strandShape(radFromDeg(70), load, 24);
      const [, out] = shape.at(-1)!;
      expect(Math.abs(out / strandReach(radFromDeg(70), load) - 1)).toBeLessThan(0.03);
      const long = shape.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - shape[i]![0], y - shape[i]![1]), 0);
      expect(long).toBeCloseTo(1, 1);
    }
    const [, [back, out]] = strandShape(radFromDeg(70), 30, 200) as [unknown, readonly [number, number]];
    expect((Math.atan2(out, back) * 180) / Math.PI).toBeCloseTo(70, -1);
  });
  test('the room it spans is that of its shape, turned about the axis', () => {
    for (const load of [5, 300]) {
      const shape = strandShape(radFromDeg(70), load, 400);
      const room = shape.slice(1).reduce((sum, [x, y], i) => {
        const [x0, y0] = shape[i]!;
        return sum + Math.PI * ((y + y0) / 2) ** 2 * (x - x0);
      }, 0);
      expect(Math.abs(strandRoom(radFromDeg(70), load) / room - 1)).toBeLessThan(0.03);
    }
  });
});
