import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hookPoint } from '../hold/hook-point';
import { rigBody } from '../rig/body/body';
import { parseRig, type Rig } from '../rig/parts/schema';
import { anyFamilyRig, jig, spinner } from '../testing/fixtures/rigs';
import {
  applyEdit,
  uncutRig,
  changesBetween,
  coreIsCutOut,
  EDITS,
  editOf,
  editsFor,
  nearestAllowed,
  type AmountEdit,
  type EditId,
} from './edits';
import { runs } from '../testing/runs';

const done = (rig: Rig, id: EditId, value: number | string, base = rig): Rig => {
  const edited = applyEdit(rig, base, id, value);
  if (!edited.ok) throw new Error(`${id} ${value} refused: ${edited.why} (${edited.limit})`);
  return edited.rig;
};
const refused = (rig: Rig, id: EditId, value: number, base = rig): string => {
  const edited = applyEdit(rig, base, id, value);
  return edited.ok ? 'taken' : edited.why;
};
const massKg = (rig: Rig): number => rigBody(rig).massKg;
const lengthM = (rig: Rig): number => rigBody(rig).lengthM;

describe('what is refused, and why', () => {
  const bug = jig({ trailer: 'flat-bug' });
  test.each([
    ['nose', -1, 'no-negative'],
    ['nose', 95, 'past-the-bend'],
    ['nose', Number.NaN, 'no-negative'],
    ['tail', 80, 'past-the-bend'],
    ['skirt-length', 9, 'shorter-than-collar'],
    ['skirt-length', 56, 'cannot-grow'],
    ['thin', -4, 'no-negative'],
    ['thin', 47, 'strands-must-stay'],
    ['guard-length', 29, 'cannot-grow'],
    ['guard-length', 4, 'too-short-a-guard'],
    ['guard-fibres', 0, 'fibres-must-stay'],
    ['legs', 3, 'no-more-legs'],
    ['push', 7, 'keeper-full'],
    ['core', 26, 'core-covers-the-shank'],
  ] as const)('%s %d: %s', (id, value, why) => {
    expect(refused(bug, id, value)).toBe(why);
  });
  test('a core longer than the body that is left for it', () => {
    expect(refused(jig({ trailer: 'small-craw', lengthIn: 2.5, more: { cutTailMm: 30 } }), 'core', 20)).toBe(
      'core-longer-than-body',
    );
  });
  test('a hung trailer may be cut past the bend, never to nothing', () => {
    const hung = jig({ trailer: 'flat-bug', more: { hang: 'hung' } });
    expect(refused(hung, 'tail', 80)).toBe('taken');
    expect(refused(hung, 'tail', 90)).toBe('cut-to-nothing');
  });
  test('exactly at the limit it is taken', () => {
    const edit = editOf('nose');
    if (edit.kind !== 'amount') throw new Error('nose is an amount');
    const { max } = edit.limits(bug, bug);
    const cut = done(bug, 'nose', max);
    expect(hookPoint(cut, rigBody(cut)).exitMm).not.toBeNull();
    expect(refused(bug, 'nose', max + 0.1)).toBe('past-the-bend');
  });
  test('a drag ends at the nearest value that can be taken', () => {
    expect(nearestAllowed(bug, bug, 'thin', -3)).toBe(0);
    expect(nearestAllowed(bug, bug, 'skirt-length', 3)).toBe(10);
    expect(nearestAllowed(bug, bug, 'skirt-length', 200)).toBe(55);
  });
  test('wire is not bent further than it holds', () => {
    expect(refused(spinner(), 'arm-twist', 46)).toBe('bent-too-far');
    expect(refused(spinner(), 'arm-length', 61)).toBe('cannot-grow');
    expect(refused(spinner(), 'arm-length', 20)).toBe('too-short-an-arm');
  });
});

describe('the core keeps the length of the whole', () => {
  test('cut out of a bug, the whole stays as long and the hook comes out as much sooner', () => {
    const bug = jig({ trailer: 'flat-bug', more: { cutNoseMm: 12 } });
    const cored = done(bug, 'core', 15);
    expect(coreIsCutOut(bug)).toBe(true);
    expect(cored.trailer!.cutNoseMm).toBe(27);
    expect(lengthM(cored)).toBeCloseTo(lengthM(bug), 6);
    expect(hookPoint(bug, rigBody(bug)).exitMm! - hookPoint(cored, rigBody(cored)).exitMm!).toBeCloseTo(15, 6);
    const back = done(cored, 'core', 0, bug);
    expect(back.core).toBeNull();
    expect(back.trailer!.cutNoseMm).toBe(12);
  });
  test('in front of a chunk the whole grows by the core', () => {
    const chunk = jig({ trailer: 'chunk' });
    const cored = done(chunk, 'core', 15);
    expect(cored.trailer!.cutNoseMm).toBe(0);
    expect(lengthM(cored) - lengthM(chunk)).toBeCloseTo(0.015, 6);
  });
  test('property: any core that is taken keeps the length of anything but a chunk', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('flat-bug', 'twin-tail-grub', 'flapper-craw', 'stick-worm'),
        fc.integer({ min: 2, max: 22 }),
        (trailer, mm) => {
          const rig = jig({ trailer, lengthIn: 4.75, strands: 30 });
          const edited = applyEdit(rig, rig, 'core', mm);
          if (edited.ok) expect(lengthM(edited.rig)).toBeCloseTo(lengthM(rig), 4);
        },
      ),
    );
  });
});

describe('scissors', () => {
  const CUTS = ['nose', 'tail', 'legs', 'skirt-length', 'thin', 'guard-length', 'guard-fibres', 'arm-length'] as const;
  test('property: a cut never adds mass, and what is left is a rig', () => {
    fc.assert(
      fc.property(
        anyFamilyRig,
        fc.constantFrom(...CUTS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (rig, id, share) => {
          const edit = editOf(id);
          if (edit.kind !== 'amount' || !edit.applies(rig)) return;
          const { min, max } = edit.limits(rig, rig);
          const shorter = id === 'nose' || id === 'tail' || id === 'legs' || id === 'thin' ? share : 1 - share;
          const edited = applyEdit(rig, rig, id, min + shorter * (max - min));
          if (!edited.ok) return;
          expect(massKg(edited.rig)).toBeLessThanOrEqual(massKg(rig) + 1e-9);
          const parsed = parseRig(edited.rig);
          expect(parsed.ok ? [] : parsed.issues).toEqual([]);
        },
      ),
      { numRuns: runs(300) },
    );
  });
  test('clipped strands leave their stubs in the collar', () => {
    const rig = jig({ trailer: null });
    const skirtKg = (strands: number): number => rigBody(done(rig, 'thin', 50 - strands)).skirt!.massKg;
    const oneKg = rigBody(rig).skirt!.massKg / 50;
    expect(skirtKg(30)).toBeGreaterThan(30 * oneKg);
    expect(skirtKg(30)).toBeCloseTo((30 + (20 * 19) / 55) * oneKg, 8);
  });
  test('a skirt trimmed all round is whole again at its full length', () => {
    const rig = jig();
    const cut = done(rig, 'skirt-length', 40);
    expect(cut.skirt).toMatchObject({ lengthMm: 40, fullMm: 55, trim: 'all' });
    expect(done(cut, 'skirt-length', 55, rig).skirt).toEqual(rig.skirt);
  });
  test('trimmed from below the upper strands keep their length', () => {
    const rig = jig({ trailer: null });
    const under = done(done(rig, 'skirt-side', 'under'), 'skirt-length', 35, rig);
    const all = done(rig, 'skirt-length', 35);
    expect(lengthM(under)).toBeCloseTo(lengthM(rig), 6);
    expect(lengthM(all)).toBeLessThan(lengthM(rig));
    expect(massKg(under)).toBeGreaterThan(massKg(all));
    expect(done(under, 'skirt-side', 'all', rig).skirt).toMatchObject({ trim: 'all', lengthMm: 35 });
  });
  test('a measured push follows when fibres are cut', () => {
    const rig: Rig = { ...jig(), guard: { ...jig().guard!, pushN: 2 } };
    expect(done(rig, 'guard-fibres', 10).guard!.pushN).toBeCloseTo(1, 6);
    expect(done(rig, 'guard-length', 14).guard!.pushN).toBeCloseTo(8, 6);
    expect(done(rig, 'guard-spread', 'wings').guard!.pushN).toBeCloseTo(1.2, 6);
  });
});

describe('turning', () => {
  test('property: every word and back is nothing', () => {
    fc.assert(
      fc.property(
        anyFamilyRig,
        fc.constantFrom(...EDITS.filter(({ kind }) => kind === 'choice')),
        fc.nat(),
        (rig, edit, pick) => {
          if (edit.kind !== 'choice' || !edit.applies(rig) || edit.id === 'weight') return;
          const options = edit.options(rig);
          const there = edit.write(rig, options[pick % options.length]!);
          const back = edit.write(there, edit.read(rig));
          expect(edit.read(back)).toBe(edit.read(rig));
          expect(massKg(back)).toBeCloseTo(massKg(rig), 9);
          expect(lengthM(back)).toBeCloseTo(lengthM(rig), 9);
        },
      ),
      { numRuns: runs(300) },
    );
  });
  test('on edge and flat again is the same rig', () => {
    const rig = jig({ trailer: 'flat-bug' });
    expect(done(done(rig, 'turn', 'edge'), 'turn', 'flat', rig)).toEqual(rig);
  });
  test('on edge the wide face stands in the gap', () => {
    const rig = jig({ trailer: 'flat-bug' });
    const gap = (of: Rig): number => hookPoint(of, rigBody(of)).freeGapMm;
    expect(gap(done(rig, 'turn', 'edge'))).toBeLessThan(gap(rig) - 2);
  });
});

describe('the keeper', () => {
  test('pushed up: shorter, flares more, and the hook comes out further back', () => {
    const rig = spinner([['willow', 4]], { trailer: 'paddle-tail' });
    const pushed = done(rig, 'push', 6);
    expect(lengthM(rig) - lengthM(pushed)).toBeCloseTo(0.006, 6);
    expect(rigBody(pushed).skirt!.flareAtRestRad).toBeGreaterThan(rigBody(rig).skirt!.flareAtRestRad);
    expect(hookPoint(pushed, rigBody(pushed)).exitMm! - hookPoint(rig, rigBody(rig)).exitMm!).toBeCloseTo(6, 6);
  });
});

describe('as it came', () => {
  test('property: no cut is left, and doing nothing to it changes nothing', () => {
    fc.assert(
      fc.property(anyFamilyRig, (rig) => {
        const base = uncutRig(rig);
        expect(uncutRig(base)).toEqual(base);
        expect(changesBetween(base, base)).toEqual([]);
        expect(massKg(base)).toBeGreaterThanOrEqual(massKg({ ...rig, core: null, trailerHook: null }) - 1e-9);
      }),
    );
  });
  test('changes are named with what was and what is', () => {
    const rig = jig({ trailer: 'flat-bug' });
    const cut = done(done(rig, 'nose', 12), 'turn', 'edge', rig);
    expect(changesBetween(rig, cut)).toEqual([
      { edit: 'nose', from: 0, to: 12 },
      { edit: 'turn', from: 'flat', to: 'edge' },
    ]);
  });
  test('what does not belong to a family is not offered', () => {
    const ids = (rig: Rig): string[] => editsFor(rig).map(({ id }) => id);
    expect(ids(jig())).not.toContain('arm-twist');
    expect(ids(spinner())).toEqual(expect.arrayContaining(['arm-twist', 'squeeze', 'blade-1', 'skirt-length']));
    expect(ids(spinner())).not.toContain('guard-length');
    expect(ids(jig({ trailer: 'stick-worm' }))).not.toContain('legs');
    expect(ids(jig({ trailer: 'flapper-craw' }))).not.toContain('split');
  });
  test('what one end lost, the other may not take again', () => {
    const rig = jig({ trailer: 'flat-bug' });
    const limit = (of: Rig, id: 'nose' | 'tail'): number => (editOf(id) as AmountEdit).limits(of, rig).max;
    const uncut = limit(rig, 'nose');
    expect(limit(done(rig, 'tail', 12), 'nose')).toBeCloseTo(uncut - 12, 9);
    expect(limit(done(rig, 'nose', 12), 'tail')).toBeCloseTo(uncut - 12, 9);
    // a nose that was cut does not make room for itself
    expect(limit(done(rig, 'nose', 12), 'nose')).toBeCloseTo(uncut, 9);
  });
});
