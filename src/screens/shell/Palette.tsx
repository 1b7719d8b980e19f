"use client";
import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import type { Ticket } from "@/core/record/ticket";
import { Panel } from "@/ui/primitives/Panel";
import { useRack } from "../rack/useRack";
import { find, indexOf } from "./finding";

interface PaletteProps {
  /** What was typed before the finder was there. */
  readonly typedAhead: () => string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly onNewBike: () => void;
  readonly onHelp: () => void;
}

const ITEM =
  "flex min-h-11 cursor-pointer items-center justify-between gap-4 rounded-md px-3 data-[selected=true]:bg-select";

/** Find anything and go there: bikes, their stages, their lines, places. */
export function Palette({ open, onOpenChange, ...rest }: PaletteProps) {
  const rack = useRack();
  return (
    <Panel open={open} onOpenChange={onOpenChange} title="Find">
      {rack ? <Finder tickets={rack.tickets} onOpenChange={onOpenChange} {...rest} /> : null}
    </Panel>
  );
}

interface Place {
  readonly title: string;
  readonly says: string;
  readonly shortcut?: string;
  readonly act: () => void;
}

function Finder({
  tickets,
  typedAhead,
  onOpenChange,
  onNewBike,
  onHelp,
}: Omit<PaletteProps, "open"> & { readonly tickets: readonly Ticket[] }) {
  const router = useRouter();
  const [search, setSearch] = useState(typedAhead);
  const index = useMemo(() => indexOf(tickets), [tickets]);
  const found = useMemo(() => find(index, tickets, search), [index, tickets, search]);
  const places: readonly Place[] = [
    { title: "New bike", says: "new bike", shortcut: "n", act: onNewBike },
    { title: "Rack", says: "rack bikes stand", shortcut: "g", act: () => router.push("/") },
    { title: "Displays", says: "displays library", act: () => router.push("/displays") },
    {
      title: "Two displays side by side",
      says: "compare two displays side by side",
      act: () => router.push("/displays/compare"),
    },
    {
      title: "Tables: wheel, volts, classes, start angle, units",
      says: "tables wheel volts classes start angle units",
      act: () => router.push("/tables"),
    },
    { title: "Keys", says: "keys shortcuts help", shortcut: "?", act: onHelp },
  ];
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const placesFound = places.filter(({ says }) =>
    words.every((word) => says.split(" ").some((own) => own.startsWith(word))),
  );
  const go = (act: () => void) => () => {
    onOpenChange(false);
    act();
  };
  return (
    <Command label="Find a bike, a line, a place" loop shouldFilter={false}>
      <Command.Input
        autoFocus
        value={search}
        onValueChange={setSearch}
        placeholder="Type a nickname, a number, a stage, a line"
        className="mb-2 min-h-12 w-full rounded-md border-2 border-rule bg-ground px-3 focus:border-action"
      />
      <Command.List className="max-h-[50vh] overflow-y-auto" aria-label="Found">
        <Command.Empty className="p-3 text-quiet">Nothing of that name.</Command.Empty>
        {placesFound.map(({ title, shortcut, act }) => (
          <Command.Item key={title} value={`place ${title}`} className={ITEM} onSelect={go(act)}>
            {title} {shortcut ? <kbd className="code">{shortcut}</kbd> : null}
          </Command.Item>
        ))}
        {found.map(({ key, title, note, href, line }) => (
          <Command.Item
            key={key}
            value={key}
            className={ITEM}
            onSelect={go(() => {
              if (line) sessionStorage.setItem(`odd-spoke.line.${line.jobId}`, line.code);
              router.push(href);
            })}
          >
            <span className="min-w-0 font-semibold break-words">{title}</span>
            <span className="shrink-0 text-quiet">{note}</span>
          </Command.Item>
        ))}
      </Command.List>
    </Command>
  );
}
