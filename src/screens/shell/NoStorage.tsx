import type { Health } from "@/store";
import { buttonClass } from "@/ui/primitives";

const WORDS: Readonly<Record<Exclude<Health["kind"], "open">, { readonly title: string; readonly what: string }>> = {
  missing: {
    title: "This browser keeps nothing",
    what: "Bikes are kept in the browser, and it gives no place for them: a private window, storage switched off for this address, or a full disk. Open it in a usual window, allow storage, or make room; then reload.",
  },
  blocked: {
    title: "Another tab is in the way",
    what: "An older version of this page is open in another tab or window and holds the data. Close it, or reload it; this page goes on by itself.",
  },
  newer: {
    title: "The data is of a newer version",
    what: "A newer version of this page has been used in this browser. Reload to get it. Nothing was changed.",
  },
  outdated: {
    title: "A newer version is open in another tab",
    what: "It has brought the data up. Reload this page to go on here. What was typed is kept.",
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
        Reload
      </button>
    </div>
  );
}
