import { attributeValues, isAimedAt } from '../candidates/attributes';
import { always, holds as speaks } from '../conditions/condition';
import { mistakeRule, type MistakeId } from '../rules/mistakes';
import { adviseIf, cannotTell, doesNotApply, type RigCheck } from './check';

/** A check of what parts alone decide, by the very rule that keeps the search from such rigs. */
export function mistakeCheck(id: MistakeId, cure: RigCheck['cure']): RigCheck {
  const { target, when } = mistakeRule(id);
  const needsWater = when !== always;
  return {
    id,
    judge({ rig, facts }) {
      if (!isAimedAt(target, attributeValues(rig))) return doesNotApply;
      if (facts === null) return needsWater ? cannotTell : adviseIf(true);
      return adviseIf(speaks(when, facts));
    },
    cure,
  };
}
