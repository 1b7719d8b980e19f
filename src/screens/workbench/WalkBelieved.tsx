"use client";
import { couldBe } from "@/core/display/walk/couldBe";
import type { Model } from "@/core/display/walk/model";
import { Caution, SignShape } from "@/ui/primitives";
import { entryText } from "@/words/walk";
import { useDisplays } from "../displays/useDisplays";
import * as say from "@/words/screens/workbench/walkBelieved";

/** Displays described already that have every line seen so far. */
function CouldBe({ model, besides }: { readonly model: Model; readonly besides: string }) {
  const displays = useDisplays();
  const fits = displays
    ? couldBe(
        displays.all.filter(({ id }) => id !== besides),
        model,
      )
    : [];
  if (fits.length === 0) return null;
  return <p className="mb-2">{say.itCouldBe(fits.map(({ name, variant }) => `${name}, ${variant}`))}</p>;
}

/** Lines that something has set to other values than they were found at. */
function NotAsFound({ model }: { readonly model: Model }) {
  const others = model.pages
    .flatMap(({ entries }) => entries)
    .flatMap((entry) => (entry.kind === "line" && entry.now !== null ? [{ ...entry, now: entry.now }] : []));
  if (others.length === 0) return null;
  return <Caution>{say.notAsFound(others.map(({ code, now, found }) => say.nowShows(code, now, found)))}</Caution>;
}

/** What the walk believes: pages with their entries, each as far as it was seen. */
export function WalkBelieved({ model, besides }: { readonly model: Model; readonly besides: string }) {
  const { pages, saves, closesAfterMs, contradictions } = model;
  return (
    <section aria-label={say.believed} className="self-start border-t border-rule pt-3 max-lg:mt-4">
      <h2 className="mb-2 text-[1.15rem]">{say.believed}</h2>
      {pages.every(({ entries }) => entries.length === 0) ? <p className="text-quiet">{say.nothingYet}</p> : null}
      {pages.map((page, i) =>
        page.entries.length > 0 ? (
          <div key={i} className="mb-4">
            <h3 className="text-[1rem]">{page.name}</h3>
            <ol className="border-t border-rule">
              {page.entries.map((entry) => (
                <li key={entry.code} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
                  <strong className="code min-w-12 break-all">{entry.code}</strong>
                  <span className="min-w-0 flex-1 break-words">{entryText(entry)}</span>
                  {entry.kind === "line" && entry.valuesTwice ? <SignShape sign="done" size={12} /> : null}
                </li>
              ))}
            </ol>
          </div>
        ) : null,
      )}
      <NotAsFound model={model} />
      <CouldBe model={model} besides={besides} />
      <ul className="text-[0.95rem] text-quiet">
        {saves ? <li>{say.saves[saves]}</li> : null}
        {closesAfterMs === null ? null : <li>{say.closesAfter(closesAfterMs)}</li>}
        {contradictions > 0 ? <li>{say.contradictions(contradictions)}</li> : null}
      </ul>
    </section>
  );
}
