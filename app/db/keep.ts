import { fail, issue, ok, type Result } from '@core';

/** Names of the errors a browser raises when it has no room or no right to store. */
const NO_ROOM = /quota|disk|full/i;

/**
 * Runs a write. A failure is a result, never an exception: nothing entered is lost because it stays on the screen and the
 * caller says what to do.
 */
export async function keep<T>(write: () => Promise<T>): Promise<Result<T>> {
  try {
    return ok(await write());
  } catch (error) {
    const inner = (error as { inner?: Error } | null)?.inner;
    const message = inner?.message ?? (error instanceof Error ? error.message : String(error));
    const name = inner?.name ?? (error instanceof Error ? error.name : '');
    const got =
      NO_ROOM.test(name) || NO_ROOM.test(message) ? 'the disk or this browser’s share of it is full' : message;
    return fail([issue('does-not-fit', '', { got })]);
  }
}
