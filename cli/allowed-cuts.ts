import { CUT_IDS, fail, issue, ok, USUAL_CUTS, type CutId, type Result } from '../core';
import { problemsOf, type Parsed } from './options';

/** A list of what may be cut, by its commas; what is named twice counts once. */
function cutList(parsed: Parsed, name: 'allow' | 'keep'): Result<readonly CutId[] | null> {
  const text = parsed.values[name];
  if (text === undefined) return ok(null);
  const named = text.split(',').map((word) => word.trim());
  const strange = named.filter((word) => !CUT_IDS.some((id) => id === word));
  if (strange.length > 0) {
    return fail(strange.map((got) => issue('not-one-of', `--${name}`, { got, allowed: CUT_IDS.join(' ') })));
  }
  return ok(CUT_IDS.filter((id) => named.includes(id)));
}

/** What may be cut: what is allowed less what is to be kept. */
export function cutsAllowed(parsed: Parsed): Result<readonly CutId[]> {
  const [allow, keep] = [cutList(parsed, 'allow'), cutList(parsed, 'keep')];
  if (!allow.ok || !keep.ok) return fail(problemsOf(allow, keep));
  const left = (allow.value ?? USUAL_CUTS).filter((id) => !keep.value?.includes(id));
  return left.length > 0 ? ok(left) : fail([issue('nothing-may-be-cut', '--keep', { allowed: CUT_IDS.join(' ') })]);
}
