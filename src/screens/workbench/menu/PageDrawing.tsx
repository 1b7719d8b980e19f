"use client";
import { SortableContext, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { useState } from "react";
import {
  codeBefore,
  entryName,
  formAt,
  freeCode,
  openersOf,
  withEntry,
  withNewGroup,
  withNewLine,
  withoutPage,
  withWayIn,
  type Path,
} from "@/core/display/editing";
import { entryCode, type Entry } from "@/core/display";
import { Button } from "@/ui/primitives";
import { gestureWords, keyNames } from "@/words";
import { valueLabel } from "@/words/grammar";
import { FieldsOf } from "../form/Field";
import type { WorkbenchProps } from "../workbenchProps";
import { EntryRow } from "./EntryRow";
import type { Hand } from "./useHand";
import * as say from "@/words/screens/workbench/menu/pageDrawing";

interface PageDrawingProps extends WorkbenchProps {
  readonly index: number;
  readonly hand: Hand;
  /** Pages this one stands within, so that a menu that leads back into itself is drawn once. */
  readonly within: readonly string[];
}

/** One page: how it is opened and passed through, and its entries in order. */
export function PageDrawing({ index, hand, within, ...props }: PageDrawingProps) {
  const { profile } = props;
  const page = profile.menu.pages[index];
  if (!page) return null;
  // A menu that leads back into itself is drawn once.
  const inside = [...within, page.id];
  const below = (entry: Entry | undefined) => {
    const opens = entry?.kind === "page" ? profile.menu.pages.findIndex(({ id }) => id === entry.page) : -1;
    const target = profile.menu.pages[opens];
    return target && !inside.includes(target.id) ? (
      <PageDrawing {...props} index={opens} hand={hand} within={inside} />
    ) : null;
  };
  const names = page.entries.map((entry) => entryName(page.id, entry.kind, entryCode(entry)));
  return (
    <section aria-label={say.pageOf(page.name)} className={within.length > 0 ? "" : "mt-4"}>
      {within.length > 0 ? null : <PageHead {...props} index={index} />}
      <SortableContext items={names} strategy={verticalListSortingStrategy}>
        <ol className="border-l-[3px] border-quiet">
          {page.entries.map((_, at) => (
            <EntryRow
              key={hand.keyOf(names[at] ?? "")}
              {...props}
              page={index}
              at={at}
              name={names[at] ?? ""}
              hand={hand}
              within={below(page.entries[at])}
            />
          ))}
        </ol>
      </SortableContext>
      <AddTo {...props} index={index} onOpen={hand.onOpen} />
    </section>
  );
}

/** What a page is called, what opens it, and its manners. */
function PageHead({ index, ...props }: WorkbenchProps & { readonly index: number }) {
  const { profile, change } = props;
  const [open, setOpen] = useState(false);
  const page = profile.menu.pages[index];
  if (!page) return null;
  const path: Path = ["menu", "pages", index];
  const openers = openersOf(profile, page.id);
  const opened = openers.map((rule) => `${keyNames(profile, rule.keys)} ${gestureWords(profile, rule)}`);
  return (
    <div className={open ? "rounded-xl bg-sheet p-4" : "py-1"}>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <h2 className="text-[1.15rem] break-words">{page.name}</h2>
        <span className="flex-1 text-[0.92rem] text-quiet">
          {[
            opened.length > 0 ? say.openedBy(opened) : say.nothingOpensIt,
            valueLabel([...path, "atEnds"], page.atEnds).toLowerCase(),
          ].join(" · ")}
        </span>
        {opened.length === 0 ? (
          <Button weight="quiet" onClick={() => change((now) => withWayIn(now, page.id))}>
            {say.keysThatOpenIt}
          </Button>
        ) : null}
        <Button weight="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? say.close : say.changePage}
          <span className="sr-only"> {page.name}</span>
        </Button>
      </div>
      {open ? (
        <div className="mt-2 grid gap-3 sm:grid-cols-2">
          <FieldsOf {...props} path={path} form={formAt(path, profile)} />
          {index > 0 ? (
            <div className="self-end">
              <Button weight="quiet" onClick={() => change((now) => withoutPage(now, page.id))}>
                {say.takeOutPage(page.name)}
              </Button>
            </div>
          ) : null}
        </div>
      ) : null}
    </div>
  );
}

interface AddToProps extends WorkbenchProps {
  readonly index: number;
  readonly onOpen: (name: string | null) => void;
}

/** What can be put at the end of a page. */
function AddTo({ profile, change, index, onOpen }: AddToProps) {
  const page = profile.menu.pages[index];
  if (!page) return null;
  const spot = { page: index, at: page.entries.length };
  const put = (entry: Parameters<typeof withEntry>[2]) => {
    change((now) => withEntry(now, spot, entry));
    onOpen(entryName(page.id, entry.kind, entryCode(entry)));
  };
  const code = freeCode(profile, codeBefore(profile, spot));
  const adding = [
    [
      say.aLine,
      () => {
        change((now) => withNewLine(now, spot).profile);
        onOpen(entryName(page.id, "line", code));
      },
    ],
    [say.aGroup, () => change((now) => withNewGroup(now, spot, say.newGroup))],
    [say.aWayOut, () => put({ kind: "exit", code, saves: true })],
    [say.anAction, () => put({ kind: "action", code, action: "clear-trip", asks: "yes-no" })],
  ] as const;
  return (
    <div role="group" aria-label={say.addTo(page.name)} className="flex flex-wrap items-center gap-x-1 pl-4">
      <span className="text-[0.92rem] text-quiet">{say.add}</span>
      {adding.map(([label, act]) => (
        <Button key={label} weight="quiet" onClick={act}>
          {label}
        </Button>
      ))}
    </div>
  );
}
