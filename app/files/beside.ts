import type { Result } from '@core';
import type { WorkerLike } from '../workers/asker';
import { NOT_LOADED } from '../workers/not-loaded';
import type { Answer, Asked } from '../workers/serve';
import { LISTS } from '../db/stored-kinds';
import type { FileJob, Tell } from './file-jobs';

/** Rows sent at one go. */
const LOT = 400;
/** Watchdog: longest silence of the second worker while it is awaited, ms. */
const SILENT_MS = 10_000;

/** A second worker that checks the rows of a backup while the first one writes it. */
export interface Beside {
  readonly lists: readonly string[];
  /** writes a row and has it checked; one that was written before is not written again */
  readonly rowText: (list: string, row: unknown) => string;
  /** the same ahead of time */
  readonly ahead: (list: string, row: unknown) => void;
  readonly allSent: () => void;
  /** whether all of them were checked and read as they are written */
  readonly areWell: (tell: Tell) => Promise<boolean>;
  readonly end: () => void;
}

/**
 * Starts a worker that checks rows; with it a large backup takes the time of one half of the work.
 * @returns null where none can be had
 */
export function startBeside(make: () => WorkerLike, silentMs = SILENT_MS): Beside | null {
  let worker: WorkerLike;
  try {
    worker = make();
  } catch {
    // it is done here then, and takes longer
    return null;
  }
  const lots = new Map<string, string[]>(LISTS.map((list) => [list, []]));
  const written = new Map<unknown, string>();
  let sent = 0;
  let answered = 0;
  let wrong = false;
  let heard: () => void = () => undefined;
  worker.onmessage = ({ data }: { readonly data: Answer<Result<boolean>> | typeof NOT_LOADED }) => {
    if (data === NOT_LOADED) return fail();
    if ('progress' in data) return;
    answered++;
    wrong ||= !('value' in data && data.value.ok && data.value.value);
    heard();
  };
  const fail = (): void => {
    wrong = true;
    heard();
  };
  worker.onerror = (event) => {
    event.preventDefault?.();
    fail();
  };
  const send = (list: string): void => {
    const text = `[${lots.get(list)!.join(',')}]`;
    lots.set(list, []);
    worker.postMessage({ id: ++sent, job: { do: 'check-rows', list, text } } satisfies Asked<FileJob>);
  };
  const rowText = (list: string, row: unknown): string => {
    const before = written.get(row);
    if (before !== undefined) return before;
    const text = JSON.stringify(row);
    const lot = lots.get(list);
    if (lot) {
      written.set(row, text);
      if (lot.push(text) >= LOT) send(list);
    }
    return text;
  };
  return {
    lists: LISTS,
    rowText,
    ahead: (list, row) => {
      try {
        rowText(list, row);
      } catch {
        // what JSON cannot hold is found, and named, when it is written
      }
    },
    allSent: () => {
      for (const [list, lot] of lots) if (lot.length > 0) send(list);
    },
    areWell: (tell) =>
      new Promise((resolve) => {
        let timer = setTimeout(() => resolve(false), silentMs);
        heard = (): void => {
          clearTimeout(timer);
          if (wrong || answered === sent) return resolve(!wrong);
          tell(0.8 + (0.1 * answered) / sent);
          timer = setTimeout(() => resolve(false), silentMs);
        };
        heard();
      }),
    end: () => worker.terminate(),
  };
}
