import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { parseRig } from '../../rig/parts/schema';
import { anyWater } from '../../testing/fixtures/boxes';
import type { SchoolRef, Water } from '../../water/schema';
import { SEVERITY } from '../checks';
import { compileWater } from '../rules/wants';
import { judgedWhole } from '../ready/make-ready';
import { dissentText } from '../../wording/dissent';
import { advise, type Pick } from './advise';
import { runs } from '../../testing/runs';

const spoilt = (ids: Pick['faults']): number => ids.filter((id) => SEVERITY[id] < 3).length;
const changedParts = (a: Pick['rig'], b: Pick['rig']): number =>
  [
    [a.head, b.head],
    [a.skirt?.colour, b.skirt?.colour],
    [a.trailer, b.trailer],
  ].filter(([x, y]) => JSON.stringify(x) !== JSON.stringify(y)).length;

describe('what another school would tie', () => {
  const waters = fc.sample(anyWater, { numRuns: Math.max(9, runs(18)), seed: 12 });
  const told = waters.flatMap((water) =>
    advise(water, DEMO_BOX, 2).picks.flatMap((pick) => pick.dissent.map((other) => ({ water, pick, other }))),
  );
  test('is said on many waters', () => expect(told.length).toBeGreaterThan(waters.length / 2));
  test('it can be tied, and its own school likes it better than ours', () => {
    for (const { water, pick, other } of told.filter(
      (row) => row.other.question !== 'trailer-hook' && row.other.rule === undefined,
    )) {
      expect(parseRig(other.rig)).toMatchObject({ ok: true });
      const theirs: Water = { ...water, schools: { ...water.schools, [other.question]: other.school } };
      const compiled = compileWater(theirs, pick.rig.family);
      const [own, ours] = [judgedWhole(compiled, other.rig), judgedWhole(compiled, pick.rig)];
      // who shows it in ounces and speeds may lack our equal in this box
      const given = /weight|brake/.test(other.question) ? 0.13 : 0;
      expect([other.question, own.score > ours.score - given]).toEqual([other.question, true]);
      expect(spoilt(own.faults)).toBeLessThanOrEqual(spoilt(pick.faults));
    }
  });
  test('it changes one part of ours; who slows the hand may go up in the trailer as well', () => {
    for (const { pick, other } of told)
      expect(changedParts(pick.base, other.base)).toBeLessThanOrEqual(other.school === 'slow-hand' ? 2 : 1);
  });
  test('by its own words: who slows the hand ties lighter and falls no faster', () => {
    const weight = told.filter(({ other }) => other.question === 'weight');
    expect(weight.length).toBeGreaterThan(1);
    for (const { pick, other } of weight) {
      const slow = other.school === 'slow-hand';
      expect(other.rig.head.weightOz < pick.rig.head.weightOz).toBe(slow);
      expect(slow ? other.has.fall <= pick.has.fall : other.has.fall >= pick.has.fall).toBe(true);
      const leftMm = ({ trailer }: Pick['rig']): number =>
        trailer ? trailer.lengthMm - trailer.cutNoseMm - trailer.cutTailMm : 0;
      if (slow) expect(leftMm(other.rig)).toBeGreaterThanOrEqual(leftMm(pick.rig) - 1);
    }
  });
  test('who fishes the same rig otherwise says how', () => {
    const water: Water = {
      ...NORTH_ARM,
      families: ['spinner'],
      temperatureC: 19,
      cover: [{ kind: 'stumps', density: 'medium' }],
    };
    const [pick] = advise(water, DEMO_BOX, 1).picks;
    const bump = pick!.dissent.find(({ question }) => question === 'spinner-bump')!;
    expect([bump.school, bump.rule]).toEqual(['snap', 'bump-reel-on-then-snap']);
    expect(bump.rig).toEqual(pick!.rig);
    expect(dissentText(bump, pick!.rig, 'us')).toMatch(/snap the rod/);
  });
  test('no question is answered twice, and none by the school that is followed', () => {
    const [pick] = advise(NORTH_ARM, DEMO_BOX, 1).picks;
    const questions = pick!.dissent.map(({ question }) => question);
    expect(new Set(questions).size).toBe(questions.length);
    for (const { question, school } of pick!.dissent) {
      expect(pick!.schools[question].school).not.toBe(school);
      expect(`${question}:${school}` as SchoolRef).toBeTruthy();
    }
  });
});
