"use client";
import { entryCode, lineIndex, type Entry } from "@/core/display";
import {
  entryName,
  formAt,
  withEntryAs,
  withEntryCode,
  withEntryMoved,
  withoutEntry,
  type EntrySpot,
  type Path,
} from "@/core/display/editing";
import { LONGEST_CODE, RESERVED_NAMES } from "@/core/units/limits";
import { Button, KeptField, Pick } from "@/ui/primitives";
import { valueLabel } from "@/words/grammar";
import { useState } from "react";
import { FieldsOf } from "../form/Field";
import { LineDetail } from "../LineDetail";
import type { WorkbenchProps } from "../workbenchProps";
import type { Hand } from "./useHand";
import * as say from "@/words/screens/workbench/menu/entryDetail";

interface EntryDetailProps extends WorkbenchProps, EntrySpot {
  readonly hand: Hand;
}

const KINDS: readonly Entry["kind"][] = ["line", "page", "exit", "action"];

/** One entry in full: what kind it is, where it stands, and its fields; a line with all it can say. */
export function EntryDetail({ page, at, hand, ...props }: EntryDetailProps) {
  const { onOpen } = hand;
  const { profile, change } = props;
  const entry = profile.menu.pages[page]?.entries[at];
  const here = profile.menu.pages[page];
  if (!entry || !here) return null;
  const path: Path = ["menu", "pages", page, "entries", at];
  const code = entryCode(entry);
  const opens = entry.kind === "page" ? profile.menu.pages.findIndex(({ id }) => id === entry.page) : -1;
  const opened: Path | null = opens >= 0 ? ["menu", "pages", opens] : null;
  const move = (to: EntrySpot) => {
    change((now) => withEntryMoved(now, { page, at }, to));
    const target = profile.menu.pages[to.page];
    if (target) onOpen(entryName(target.id, entry.kind, code));
  };
  return (
    <div>
      <div role="group" aria-label={say.whereAndWhat(code)} className="mb-2 grid items-end gap-3 sm:grid-cols-3">
        <CodeField {...props} spot={{ page, at }} hand={hand} />
        <Pick
          label={say.itIs}
          value={entry.kind}
          options={KINDS.map((kind) => ({ value: kind, label: valueLabel(["menu", "pages", "entries"], kind) }))}
          onPick={(kind) => {
            change((now) => withEntryAs(now, { page, at }, kind as Entry["kind"], say.newGroup));
            onOpen(entryName(here.id, kind as Entry["kind"], code));
          }}
        />
        <Pick
          label={say.standsOn}
          value={here.id}
          options={profile.menu.pages.map(({ id, name }) => ({ value: id, label: name }))}
          onPick={(id) => {
            const to = profile.menu.pages.findIndex((each) => each.id === id);
            const target = profile.menu.pages[to];
            if (target) move({ page: to, at: target.entries.length });
          }}
        />
      </div>
      <div className="mb-2 flex flex-wrap gap-2">
        <Button weight="quiet" disabled={at === 0} onClick={() => move({ page, at: at - 1 })}>
          {say.up}
          <span className="sr-only"> {code}</span>
        </Button>
        <Button weight="quiet" disabled={at === here.entries.length - 1} onClick={() => move({ page, at: at + 1 })}>
          {say.down}
          <span className="sr-only"> {code}</span>
        </Button>
        <Button
          weight="quiet"
          disabled={here.entries.length < 2}
          onClick={() => {
            onOpen(null);
            change((now) => withoutEntry(now, { page, at }));
          }}
        >
          {say.takeOut}
          <span className="sr-only"> {code}</span>
        </Button>
      </div>
      {entry.kind === "line" ? (
        <LineDetail {...props} at={lineIndex(profile, entry.line)} />
      ) : (
        <div className="grid gap-3 rounded-xl bg-sheet p-4 sm:grid-cols-2">
          <FieldsOf {...props} path={path} form={formAt(path, profile)} />
          {opened ? <FieldsOf {...props} path={opened} form={formAt(opened, profile)} /> : null}
        </div>
      )}
    </div>
  );
}

interface CodeFieldProps extends WorkbenchProps {
  readonly spot: EntrySpot;
  readonly hand: Hand;
}

/** The code of an entry as the display writes it; whatever names a line follows. */
function CodeField({ profile, change, spot, hand }: CodeFieldProps) {
  const [refused, setRefused] = useState<string | null>(null);
  const page = profile.menu.pages[spot.page];
  const entry = page?.entries[spot.at];
  if (!page || !entry) return null;
  const code = entryCode(entry);
  return (
    <KeptField
      of="code of the open entry"
      label={say.code}
      longest={LONGEST_CODE}
      value={refused ?? code}
      onKeep={(typed) => {
        const next = typed.trim();
        const called = next && !RESERVED_NAMES.includes(next) ? withEntryCode(profile, spot, next) : null;
        setRefused(called ? null : typed);
        if (!called) return;
        change((now) => withEntryCode(now, spot, next) ?? now);
        hand.onRenamed(entryName(page.id, entry.kind, code), entryName(page.id, entry.kind, next));
      }}
      problem={refused === null ? null : say.anotherCode}
      inputClass="font-code font-bold"
    />
  );
}
