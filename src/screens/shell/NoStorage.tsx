import type { Health } from "@/store";
import { buttonClass } from "@/ui/primitives";
import * as say from "@/words/screens/shell/noStorage";
import { SaveWhatIsLeft } from "./SaveWhatIsLeft";

const WORDS: Readonly<Record<Exclude<Health["kind"], "open">, { readonly title: string; readonly what: string }>> = {
  missing: {
    title: say.thisBrowserKeepsNothing,
    what: say.bikesAreKeptIn,
  },
  blocked: {
    title: say.anotherTabIsIn,
    what: say.anOlderVersionOf,
  },
  newer: {
    title: say.theDataIsOf,
    what: say.aNewerVersionOf,
  },
  outdated: {
    title: say.aNewerVersionIs,
    what: say.itHasBroughtThe,
  },
};

/** Says why nothing can be kept, and what to do. */
export function NoStorage({ health }: { readonly health: Exclude<Health, { kind: "open" }> }) {
  const words = WORDS[health.kind];
  return (
    <div role="alert" className="max-w-2xl rounded-xl bg-sheet p-6">
      <h1 className="text-[1.9rem]">{words.title}</h1>
      <p className="my-4">{words.what}</p>
      {health.kind === "missing" && health.detail ? (
        <p className="code mb-4 text-[0.85rem] break-words text-quiet">{health.detail}</p>
      ) : null}
      <button type="button" className={buttonClass("main")} onClick={() => window.location.reload()}>
        {say.reload}
      </button>
      {health.kind === "blocked" ? null : <SaveWhatIsLeft />}
    </div>
  );
}
