import * as z from 'zod/mini';
import { rigSchema, shortText, type Rig } from '../rig/parts/schema';
import { applyEdit, changesBetween, uncutRig } from '../edits/edits';

export const BUILD_VERSION = 1;
/** Steps that can be taken back, and versions of one build that are kept. */
export const BUILD_LIMITS = { undo: 80, versions: 40 } as const;

/** A state of a build that was kept under a name. */
export const buildVersionSchema = z.strictObject({ name: shortText(0), at: z.iso.datetime(), rig: rigSchema });

/** A rig on the bench: as it came, as it is, what was done and undone, and what was kept on the way. */
export const buildSchema = z.strictObject({
  id: shortText(),
  version: z.literal(BUILD_VERSION),
  name: shortText(0),
  changedAt: z.iso.datetime(),
  base: rigSchema,
  rig: rigSchema,
  past: z.array(rigSchema).check(z.maxLength(BUILD_LIMITS.undo)),
  future: z.array(rigSchema).check(z.maxLength(BUILD_LIMITS.undo)),
  versions: z.array(buildVersionSchema).check(z.maxLength(BUILD_LIMITS.versions)),
});
export type Build = z.infer<typeof buildSchema>;
export type BuildVersion = z.infer<typeof buildVersionSchema>;

/** When something happened: the core has no clock. */
interface At {
  readonly at: string;
}

/**
 * Lays a rig on the bench.
 * @param rig   as it was picked: it may carry cuts already
 * @param name  what it is called in the list of builds
 * @param base  before any cut; left out, as far as the rig itself tells. Every cut between the two can be taken back by itself
 */
export const startBuild = (
  rig: Rig,
  { id, name, at, base = uncutRig(rig) }: At & { readonly id: string; readonly name: string; readonly base?: Rig },
): Build => ({
  id,
  version: BUILD_VERSION,
  name,
  changedAt: at,
  base,
  rig,
  past: cutStates(base, rig).slice(-BUILD_LIMITS.undo),
  future: [],
  versions: [],
});

/** A rig as it came and after each of its cuts but the last; none where it is as it came. */
function cutStates(base: Rig, rig: Rig): Rig[] {
  if (same(base, rig)) return [];
  let state = base;
  const states: Rig[] = [];
  for (const { edit, to } of changesBetween(base, rig)) {
    states.push(state);
    const done = applyEdit(state, base, edit, to);
    if (!done.ok) return [base];
    state = done.rig;
  }
  return states.length > 0 ? states : [base];
}

const same = (a: Rig, b: Rig): boolean => JSON.stringify(a) === JSON.stringify(b);

/** A build after a change that can be taken back; the same rig is no change. */
export function changedBuild(build: Build, rig: Rig, { at }: At): Build {
  if (same(rig, build.rig)) return build;
  return { ...build, rig, changedAt: at, past: [...build.past, build.rig].slice(-BUILD_LIMITS.undo), future: [] };
}

/** Takes the last change back; nothing where there is none. */
export function undone(build: Build, { at }: At): Build {
  const rig = build.past.at(-1);
  if (!rig) return build;
  return {
    ...build,
    rig,
    changedAt: at,
    past: build.past.slice(0, -1),
    future: [build.rig, ...build.future].slice(0, BUILD_LIMITS.undo),
  };
}

/** Does again what was taken back last. */
export function redone(build: Build, { at }: At): Build {
  const [rig, ...future] = build.future;
  if (!rig) return build;
  return { ...build, rig, changedAt: at, past: [...build.past, build.rig].slice(-BUILD_LIMITS.undo), future };
}

/** Keeps the build as it is now beside the versions before; the oldest give way when there are too many. */
export const keptVersion = (build: Build, { at, name }: At & { readonly name: string }): Build => ({
  ...build,
  changedAt: at,
  versions: [...build.versions, { name, at, rig: build.rig }].slice(-BUILD_LIMITS.versions),
});
