import { attributeValues, isAimedAt } from '../candidates/attributes';
import { always, holds as speaks } from '../conditions/condition';
import { mistakeRule, type MistakeId } from '../rules/mistakes';
import { adviseIf, cannotTell, doesNotApply, type RigCheck } from './check';

/** A check that depends on the parts alone. It runs the same rule that penalises such rigs in the search, so the two cannot disagree. */
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
