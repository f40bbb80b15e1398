import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { parseWith } from '../parse';
import { anyFamilyRig, jig } from '../testing/fixtures/rigs';
import { BUILD_LIMITS, buildSchema, changedBuild, keptVersion, redone, startBuild, undone, type Build } from './build';

const AT = { at: '2026-09-26T06:30:00.000Z' };
const LATER = { at: '2026-09-26T06:31:00.000Z' };
const begun = (rig = jig({ trailer: 'flat-bug' })): Build => startBuild(rig, { ...AT, id: 'b', name: 'mine' });
const cut = (mm: number) => jig({ trailer: 'flat-bug', more: { cutNoseMm: mm } });

describe('a build', () => {
  test('starts as it came, whatever was cut already', () => {
    const build = begun(cut(12));
    expect(build.rig.trailer!.cutNoseMm).toBe(12);
    expect(build.base.trailer!.cutNoseMm).toBe(0);
  });
  test('every change can be taken back and done again, a new one forgets what was taken back', () => {
    const three = [5, 10, 15].reduce((build, mm) => changedBuild(build, cut(mm), LATER), begun());
    const back = undone(undone(three, LATER), LATER);
    expect(back.rig.trailer!.cutNoseMm).toBe(5);
    expect(redone(back, LATER).rig.trailer!.cutNoseMm).toBe(10);
    expect(redone(redone(back, LATER), LATER)).toEqual(three);
    expect(redone(changedBuild(back, cut(7), LATER), LATER).rig.trailer!.cutNoseMm).toBe(7);
  });
  test('nothing to take back, nothing to do again, and no change are nothing', () => {
    const build = begun();
    expect(undone(build, LATER)).toBe(build);
    expect(redone(build, LATER)).toBe(build);
    expect(changedBuild(build, jig({ trailer: 'flat-bug' }), LATER)).toBe(build);
  });
  test('only so many steps and versions are kept, the latest of them', () => {
    let build = begun();
    for (let mm = 1; mm <= BUILD_LIMITS.undo + 20; mm++) build = changedBuild(build, cut(mm / 10), LATER);
    for (let at = 0; at < BUILD_LIMITS.versions + 5; at++) build = keptVersion(build, { ...LATER, name: String(at) });
    expect([build.past.length, build.versions.length]).toEqual([BUILD_LIMITS.undo, BUILD_LIMITS.versions]);
    expect(build.versions.at(-1)!.name).toBe(String(BUILD_LIMITS.versions + 4));
    expect(parseWith(buildSchema, build).ok).toBe(true);
  });
  test('property: whatever is done to it, what is stored can be read again', () => {
    fc.assert(
      fc.property(
        anyFamilyRig,
        fc.array(fc.tuple(fc.constantFrom('change', 'undo', 'redo', 'keep'), anyFamilyRig), { maxLength: 12 }),
        (rig, deeds) => {
          let build = begun(rig);
          for (const [deed, next] of deeds) {
            if (deed === 'change') build = changedBuild(build, next, LATER);
            else if (deed === 'undo') build = undone(build, LATER);
            else if (deed === 'redo') build = redone(build, LATER);
            else build = keptVersion(build, { ...LATER, name: '' });
          }
          const read = parseWith(buildSchema, JSON.parse(JSON.stringify(build)));
          expect(read).toEqual({ ok: true, value: build });
        },
      ),
      { numRuns: 50 },
    );
  });
});
