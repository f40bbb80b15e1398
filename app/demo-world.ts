import { type Result, fail } from '@core';
import { useBox } from './stores/box';
import { useNotices } from './stores/notices';
import { useWater } from './stores/water';
import * as words from './locale/en/frame';

/** Fills the box from the made-up world, and the water, the days of its weekend and two seasons of its log too. Loaded only when asked for. */
export async function loadDemoWorld(): Promise<Result<number>> {
  const { DEMO_BOX, NORTH_ARM, NORTH_ARM_DAY, NORTH_ARM_PLACE } = await import('../demo/brindle-mere');
  const water = useWater();
  const problems = water.change(NORTH_ARM);
  water.rename({ place: NORTH_ARM_PLACE, day: NORTH_ARM_DAY });
  if (problems.length > 0) return fail(problems);
  const filled = await useBox().add(DEMO_BOX);
  if (!filled.ok) return filled;
  const [{ DEMO_WEEKEND }, { useDeck }] = await Promise.all([import('../demo/weekend'), import('./stores/deck')]);
  const kept = await useDeck().layDays(DEMO_WEEKEND);
  if (!kept.ok) return kept;
  const [{ demoSeasons }, { useOutings }] = await Promise.all([import('../demo/seasons'), import('./stores/outings')]);
  const logged = await useOutings().add(demoSeasons());
  return logged.ok ? filled : logged;
}

/** Fills the box alone, and says so. */
export async function fillWithDemoBox(): Promise<void> {
  const notices = useNotices();
  const { DEMO_BOX } = await import('../demo/brindle-mere');
  const filled = await useBox().add(DEMO_BOX);
  if (!filled.ok) return notices.complain(filled.issues);
  notices.say(words.demoFilled(filled.value));
}
