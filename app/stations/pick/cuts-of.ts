import { cutList, stepText, type CutStep, type Pick, type StepId, type UnitSystem } from '@core';

/** What every rig is done, whatever it is cut to: it is no cut of this one. */
const EVERY_RIG: ReadonlySet<StepId> = new Set<StepId>(['thread', 'sweep-skirt', 'line-up-arm', 'look-over']);

/** The cuts between a pick as it came and as it will be fished, in the order of the work. */
export const cutsOf = ({ rig, base }: Pick, system: UnitSystem): (CutStep & { title: string; text: string })[] =>
  cutList(rig, base)
    .filter(({ id }) => !EVERY_RIG.has(id))
    .map((step) => ({ ...step, ...stepText(step, system) }));
