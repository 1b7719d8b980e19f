/**
 * How a page and its workers talk: asked by name, answered once, told on the way. A function among the arguments stays
 * with the page and is called with what the worker tells it. Small, since every page with a worker carries it.
 */
type Called = (...args: never[]) => unknown;

/** What a worker can be asked, as the page sees it: every answer is waited for. */
export type Remote<Api> = {
  readonly [Name in keyof Api]: Api[Name] extends (...args: infer Args) => infer Answer
    ? (...args: Args) => Promise<Awaited<Answer>>
    : never;
};

interface Ask {
  readonly id: number;
  readonly name: string;
  readonly args: readonly unknown[];
  /** Places of the arguments that are functions of the page. */
  readonly heard: readonly number[];
}
type Said = { readonly id: number } & (
  | { readonly kind: "answer"; readonly answer: unknown }
  | { readonly kind: "error"; readonly error: unknown }
  | { readonly kind: "told"; readonly at: number; readonly args: readonly unknown[] }
);

interface Waiting {
  readonly args: readonly unknown[];
  readonly resolve: (answer: unknown) => void;
  readonly reject: (error: unknown) => void;
}

/** A worker as something to ask. */
export function remoteOf<Api>(worker: Pick<Worker, "postMessage" | "addEventListener">): Remote<Api> {
  const waiting = new Map<number, Waiting>();
  let last = 0;
  worker.addEventListener("message", ({ data: said }: MessageEvent<Said>) => {
    const ask = waiting.get(said.id);
    if (!ask) return;
    if (said.kind === "told") {
      const heard = ask.args[said.at];
      if (typeof heard === "function") heard(...said.args);
      return;
    }
    waiting.delete(said.id);
    if (said.kind === "answer") ask.resolve(said.answer);
    else ask.reject(said.error);
  });
  const asked = (name: string, args: readonly unknown[]) =>
    new Promise((resolve, reject) => {
      const id = ++last;
      const heard = args.flatMap((arg, at) => (typeof arg === "function" ? [at] : []));
      waiting.set(id, { args, resolve, reject });
      const ask: Ask = { id, name, args: args.map((arg) => (typeof arg === "function" ? null : arg)), heard };
      worker.postMessage(ask);
    });
  return new Proxy({} as Remote<Api>, {
    get:
      (_, name) =>
      (...args: readonly unknown[]) =>
        asked(String(name), args),
  });
}

/** Answers what is asked of a worker: called once, in the worker, with all it can do. */
export function answerWith<Api extends { readonly [Name in keyof Api]: Called }>(
  api: Api,
  post: Pick<Worker, "postMessage" | "addEventListener"> = self as unknown as Worker,
): void {
  const byName = new Map(Object.entries(api as Readonly<Record<string, Called>>));
  post.addEventListener("message", ({ data: { id, name, args, heard } }: MessageEvent<Ask>) => {
    const say = (said: Said) => post.postMessage(said);
    const given = args.map((arg, at) =>
      heard.includes(at) ? (...told: readonly unknown[]) => say({ id, kind: "told", at, args: told }) : arg,
    );
    const work = async () => {
      const call = byName.get(name);
      if (!call) throw new Error(`a worker was asked for ${name}, which it cannot do`);
      return call(...(given as never[]));
    };
    work().then(
      (answer) => say({ id, kind: "answer", answer }),
      (error: unknown) => say({ id, kind: "error", error }),
    );
  });
}
