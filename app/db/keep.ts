import { fail, ok, type Result } from '@core';
import { causeOf } from './cause';
import { db, type PanderoDatabase } from './database';

/**
 * Runs a write or read of the store. A failure is a result with its true cause, never an exception: what was entered stays on the
 * screen and the caller says what to do.
 */
export async function keep<T>(work: () => Promise<T>, of: PanderoDatabase = db): Promise<Result<T>> {
  try {
    return ok(await work());
  } catch (error) {
    return fail([causeOf(error, of.state)]);
  }
}
