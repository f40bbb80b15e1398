import { fail, issue, ok, type Result } from '@core';
import { beliefNow } from './belief';
import type { Answer, Asked } from './serve';

/** The part of a Worker that is used; tests hand in a stand-in. */
export interface WorkerLike {
  postMessage(message: unknown): void;
  terminate(): void;
  onmessage: ((event: { readonly data: never }) => void) | null;
  onerror: ((event: { preventDefault?(): void; readonly message?: string }) => void) | null;
}

interface Options<Job, Value> {
  /** what it does, for who reads that it stopped */
  readonly what: string;
  make(): WorkerLike;
  /** longest it may say nothing while it works, ms */
  readonly silentMs: number;
  /** hears that the worker stopped answering and was started anew */
  readonly restarted?: () => void;
  /** does the same on the page, where no worker is to be had */
  readonly here?: (job: Job, tell: (progress: number) => void) => Value | Promise<Value>;
}

/** The jobs of one worker, started when first needed and restarted by a watchdog when it stops answering. */
export function createAsker<Job, Value>({ what, make, silentMs, restarted, here }: Options<Job, Value>) {
  let worker: WorkerLike | null = null;
  let last = 0;
  /** whether this worker ever said anything: one that never did could not be started */
  let spoke = false;

  function drop(): void {
    worker?.terminate();
    worker = null;
    spoke = false;
  }

  /** One try: the answer, or why there was none. */
  function attempt(job: Job, tell: (progress: number) => void): Promise<Result<Value> | 'silent' | 'missing'> {
    return new Promise((resolve) => {
      const id = ++last;
      let timer = setTimeout(() => end('silent'), silentMs);
      const end = (as: Result<Value> | 'silent' | 'missing'): void => {
        clearTimeout(timer);
        if (as === 'silent' || as === 'missing') drop();
        resolve(as);
      };
      try {
        worker ??= make();
      } catch {
        return end('missing');
      }
      worker.onmessage = ({ data }: { readonly data: Answer<Value> }) => {
        spoke = true;
        if (data.id !== id) return;
        clearTimeout(timer);
        if ('progress' in data) {
          timer = setTimeout(() => end('silent'), silentMs);
          tell(data.progress);
        } else if ('value' in data) end(ok(data.value));
        else end(fail([issue('our-fault', '', { got: `${what}: ${data.bug.split('\n')[0] ?? ''}` })]));
      };
      worker.onerror = (event) => {
        event.preventDefault?.();
        end(spoke ? 'silent' : 'missing');
      };
      try {
        const belief = beliefNow();
        worker.postMessage({ id, job, ...(belief ? { belief } : {}) } satisfies Asked<Job>);
      } catch (error) {
        end(fail([issue('our-fault', '', { got: `${what}: ${String(error)}` })]));
      }
    });
  }

  async function onPage(job: Job, tell: (progress: number) => void): Promise<Result<Value>> {
    if (!here) return fail([issue('worker-missing', '', { got: what })]);
    try {
      return ok(await here(job, tell));
    } catch (error) {
      return fail([
        issue('our-fault', '', { got: `${what}: ${error instanceof Error ? error.message : String(error)}` }),
      ]);
    }
  }

  let queue: Promise<unknown> = Promise.resolve();
  /**
   * Asks the worker; one job after another. A worker that stops answering is started anew and asked once more; the page does it
   * itself where none can be had.
   */
  function ask(job: Job, tell: (progress: number) => void = () => undefined): Promise<Result<Value>> {
    const answer = queue.then(async (): Promise<Result<Value>> => {
      for (let tries = 0; tries < 2; tries++) {
        const found = await attempt(job, tell);
        if (found === 'missing') return onPage(job, tell);
        if (found !== 'silent') return found;
        if (tries === 0) restarted?.();
      }
      return fail([issue('worker-silent', '', { got: what })]);
    });
    queue = answer;
    return answer;
  }
  return { ask, drop };
}
