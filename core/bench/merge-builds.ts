import { mergeFields, sameJson, type Merged } from '../keeping/merge';
import { parseWith } from '../parse';
import type { Rig } from '../rig/parts/schema';
import { BUILD_LIMITS, buildSchema, type Build } from './build';

/** The rigs a build went through since another state of it, the present one last; undone ones are not among them. */
function statesSince(base: Build, now: Build): Rig[] {
  if (sameJson(base.rig, now.rig)) return [];
  const at = now.past.map((rig) => sameJson(rig, base.rig)).lastIndexOf(true);
  return at === -1 ? [now.rig] : [...now.past.slice(at + 1), now.rig];
}

/** Nothing twice in a row, and not more than can be taken back. */
const asPast = (rigs: readonly Rig[]): Rig[] =>
  rigs.filter((rig, at) => at === 0 || !sameJson(rig, rigs[at - 1])).slice(-BUILD_LIMITS.undo);

/**
 * Puts two hands' work on one build together: their steps stay in the history, mine follow on top of them, versions of both are
 * kept. Where both changed the same cut mine stands, and one step back is theirs.
 * @param base  the build as both read it; null where there was none
 */
export function mergeBuilds(base: Build | null, mine: Build, theirs: Build): Merged<Build> {
  const from = base ?? { ...mine, rig: mine.base, past: [], future: [], versions: [] };
  const named = mergeFields(from.name, mine.name, theirs.name);
  const rig = mergeFields(from.rig, mine.rig, theirs.rig);
  const steps = statesSince(from, mine).map((state) => mergeFields(from.rig, state, theirs.rig).value);
  const own = mine.versions.filter((version) => !theirs.versions.some((other) => sameJson(version, other)));
  const versions = [...theirs.versions, ...own].sort((a, b) => a.at.localeCompare(b.at)).slice(-BUILD_LIMITS.versions);
  const merged: Build = {
    ...theirs,
    name: named.value,
    changedAt: mine.changedAt > theirs.changedAt ? mine.changedAt : theirs.changedAt,
    versions,
    ...(steps.length === 0
      ? {}
      : {
          rig: steps.at(-1)!,
          past: asPast([...theirs.past, theirs.rig, ...steps.slice(0, -1)]),
          future: [],
        }),
  };
  const clashes = [
    ...named.clashes.map((clash) => ({ ...clash, path: ['name'] })),
    ...rig.clashes.map((clash) => ({ ...clash, path: ['rig', ...clash.path] })),
  ];
  if (parseWith(buildSchema, merged).ok) return { value: merged, clashes };
  // cuts that cannot both be made: mine lies on the bench, theirs is one step back
  const apart: Build = { ...merged, rig: mine.rig, past: asPast([...theirs.past, theirs.rig]), future: [] };
  return { value: apart, clashes: [{ path: ['rig'], mine: mine.rig, theirs: theirs.rig }] };
}
