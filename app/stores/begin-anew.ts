import { beginAnew as readAgain } from '../db/page-state';
import { useOutings } from './outings';
import { useTests } from './tests';

/** Everything was cleared or replaced: every screen looks again, and what log and tests teach is worked with from here on. */
export async function beginAnew(epoch: string): Promise<void> {
  // whoever was not there yet reads it now
  useOutings();
  await readAgain(epoch);
  useTests();
}
