import { keeper } from '../db/our-keeper';
import { useBench } from '../stores/bench';
import { useDeck } from '../stores/deck';
import { useLearned } from '../stores/learned';
import { useOutings } from '../stores/outings';
import { useScreen } from '../stores/screen';
import { useTests } from '../stores/tests';
import { useTank } from '../stores/tank';
import { useSettings } from '../stores/settings';
import { useWater } from '../stores/water';
import { useYear } from '../stores/year';

/** Everything was cleared or replaced: what was noted before is forgotten, and every screen looks again. */
export async function beginAnew(epoch: string): Promise<void> {
  keeper.forget(epoch);
  await Promise.all([
    useSettings().load(),
    useLearned().load(),
    useWater().load(),
    useBench().reload(),
    useScreen().load(),
    useTank().reload(),
    useDeck().reload(),
    useOutings().reload(),
    useYear().reload(),
  ]);
  // what its tests teach is worked with from here on
  useTests();
}
