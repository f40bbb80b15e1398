import { beginAnew as readAgain } from '../db/page-state';
import { useOutings } from './outings';
import { useTests } from './tests';
import { useWatersBefore } from './waters-before';

/** After everything was cleared or replaced: every screen reads again, and the calibration and the log's evidence are put in force. */
export async function beginAnew(epoch: string): Promise<void> {
  // whoever was not there yet reads it now
  useOutings();
  useWatersBefore().forget();
  await readAgain(epoch);
  useTests();
}
