/** Workers that are started when they are first asked, and started anew when they do not come up. */
import { sayStuck } from "./stuck";
import { remoteOf, type Remote } from "./talk";

/** How often a worker that does not come up is started anew before somebody is told. */
const MOST_STARTS = 3;

/** A worker by what it can be asked. */
export interface StartedWorker<Api> {
  /**
   * Asks the worker, and asks again where it had to be started anew.
   * @returns the answer; none, and those who watch are told, where the worker cannot be started
   */
  readonly ask: <Answer>(call: (api: Remote<Api>) => Promise<Answer>) => Promise<Answer>;
  /** Asks only a worker that was started before. */
  readonly askIfStarted: (call: (api: Remote<Api>) => unknown) => void;
}

/** @param start makes the worker; called at the first ask, and again when the one before did not come up */
export function startedWorker<Api>(start: () => Worker): StartedWorker<Api> {
  let api: Remote<Api> | null = null;
  let starts = 0;
  const open = new Set<(now: Remote<Api>) => void>();
  const begin = (): Remote<Api> => {
    const worker = start();
    starts += 1;
    // The worker's own answers carry the errors of what was asked: this one is of the worker itself.
    worker.addEventListener("error", () => {
      worker.terminate();
      api = null;
      if (starts >= MOST_STARTS) return sayStuck();
      const next = (api = begin());
      open.forEach((again) => again(next));
    });
    return remoteOf<Api>(worker);
  };
  const running = (): Remote<Api> => (api ??= begin());
  return {
    ask: (call) =>
      new Promise((resolve, reject) => {
        const put = (now: Remote<Api>): void => {
          call(now).then(
            (answer) => {
              open.delete(put);
              starts = 0;
              resolve(answer);
            },
            (error: unknown) => {
              open.delete(put);
              reject(error instanceof Error ? error : new Error(String(error)));
            },
          );
        };
        open.add(put);
        put(running());
      }),
    askIfStarted: (call) => {
      if (api) call(api);
    },
  };
}
