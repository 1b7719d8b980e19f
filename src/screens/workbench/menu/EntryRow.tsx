"use client";
import { useSortable } from "@dnd-kit/sortable";
import type { ReactNode } from "react";
import { entryCode, lineIndex } from "@/core/display";
import { isSecondClick, pressOnce } from "@/ui/primitives/Button";
import { valueLabel } from "@/words/grammar";
import { lineWords } from "@/words/lineWords";
import type { WorkbenchProps } from "../workbenchProps";
import type { Hand } from "./useHand";
import { EntryDetail } from "./EntryDetail";
import * as say from "@/words/screens/workbench/menu/entryRow";

interface EntryRowProps extends WorkbenchProps {
  readonly page: number;
  readonly at: number;
  readonly name: string;
  readonly hand: Hand;
  /** The page it opens, drawn within it; nothing where it opens none. */
  readonly within: ReactNode;
}

const HANDLE = "flex min-h-11 w-9 shrink-0 cursor-grab touch-none items-center justify-center text-quiet select-none";
const OPENS_IT =
  "flex min-h-11 min-w-0 flex-1 flex-wrap items-baseline gap-x-4 py-1.5 text-left " +
  "hover:underline hover:underline-offset-4";

/** One entry of a page: its code as the display writes it, what it is, and the page it opens, drawn within. */
export function EntryRow({ page, at, name, hand, within, ...props }: EntryRowProps) {
  const { profile } = props;
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id: name,
  });
  const entry = profile.menu.pages[page]?.entries[at];
  if (!entry) return null;
  const isOpen = hand.open === name;
  const opens = entry.kind === "page" ? profile.menu.pages.findIndex(({ id }) => id === entry.page) : -1;
  const target = profile.menu.pages[opens];
  const line = entry.kind === "line" ? profile.lines[lineIndex(profile, entry.line)] : undefined;
  const words =
    entry.kind === "line"
      ? line
        ? lineWords(line)
        : say.noSuchLine
      : entry.kind === "page"
        ? say.opens(target?.name ?? entry.page, target && valueLabel(["menu", "pages", "atEnds"], target.atEnds))
        : entry.kind === "exit"
          ? `${valueLabel(["menu", "pages", "entries"], "exit")} ${say.exitKind(entry.saves)}`
          : valueLabel(["action"], entry.action);
  return (
    <li
      ref={setNodeRef}
      aria-label={say.entryOf(entryCode(entry))}
      style={{
        transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
        transition,
      }}
      className={`relative ${isDragging ? "z-10 bg-sheet" : ""}`}
    >
      <div className="flex items-center gap-3 border-b border-rule">
        <span
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={say.moveIt(entryCode(entry))}
          className={HANDLE}
        >
          <Handle />
        </span>
        <button
          type="button"
          aria-expanded={isOpen}
          onKeyDown={pressOnce}
          onClick={(event) => (isSecondClick(event) ? undefined : hand.onOpen(isOpen ? null : name))}
          className={OPENS_IT}
        >
          <strong className="min-w-[4ch] font-code text-[1.02rem] break-all">{entryCode(entry)}</strong>
          <span className="min-w-0 flex-1 break-words">{words}</span>
          {line?.shownWhen || line?.mattersWhen ? (
            <span className="text-[0.85rem] text-quiet">{say.atTimes}</span>
          ) : null}
        </button>
      </div>
      {isOpen ? (
        <div className="my-2 ml-4">
          <EntryDetail {...props} page={page} at={at} hand={hand} />
        </div>
      ) : null}
      {within ? <div className="mb-2 ml-8">{within}</div> : null}
    </li>
  );
}

/** Six dots: what a hand takes hold of. */
const Handle = () => (
  <svg aria-hidden="true" width="12" height="18" viewBox="0 0 12 18" fill="currentColor">
    {[3, 9, 15].flatMap((y) => [3, 9].map((x) => <circle key={`${x} ${y}`} cx={x} cy={y} r="1.6" />))}
  </svg>
);
