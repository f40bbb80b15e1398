import { type Box, type Result, fail } from '@core';
import { useBox } from './box';
import { useNotices } from './notices';
import { useWater } from './water';
import * as words from '../locale/en/frame';

/**
 * Takes the made-up world in: its water, box and days. Loaded only when asked for.
 * @param box  another box than the one of that world
 */
export async function loadDemoPlace(box?: Box): Promise<Result<number>> {
  const { DEMO_BOX, NORTH_ARM, NORTH_ARM_DAY, NORTH_ARM_PLACE } = await import('../../demo/brindle-mere');
  const water = useWater();
  const problems = water.change(NORTH_ARM);
  water.rename({ place: NORTH_ARM_PLACE, day: NORTH_ARM_DAY });
  if (problems.length > 0) return fail(problems);
  const filled = await useBox().add(box ?? DEMO_BOX);
  if (!filled.ok) return filled;
  const [{ DEMO_WEEKEND }, { useDeck }] = await Promise.all([import('../../demo/weekend'), import('./deck')]);
  const kept = await useDeck().layDays(DEMO_WEEKEND);
  return kept.ok ? filled : kept;
}

/** The same, with two seasons of its log. */
export async function loadDemoWorld(): Promise<Result<number>> {
  const filled = await loadDemoPlace();
  if (!filled.ok) return filled;
  const [{ demoSeasons }, { useOutings }] = await Promise.all([import('../../demo/seasons'), import('./outings')]);
  const logged = await useOutings().add(demoSeasons());
  return logged.ok ? filled : logged;
}

/** Fills the box alone, and says so. */
export async function fillWithDemoBox(): Promise<void> {
  const notices = useNotices();
  const { DEMO_BOX } = await import('../../demo/brindle-mere');
  const filled = await useBox().add(DEMO_BOX);
  if (!filled.ok) return notices.complain(filled.issues);
  notices.say(words.demoFilled(filled.value));
}
