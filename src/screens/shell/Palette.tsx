"use client";
import { useRouter } from "next/navigation";
import { useEffect, useId, useMemo, useRef, useState, type KeyboardEvent } from "react";
import type { Ticket } from "@/core/record/ticket";
import { Panel } from "@/ui/primitives/Panel";
import { useRack } from "../rack/useRack";
import { useTicketsNamed } from "./useTicketsNamed";
import { find, indexOf } from "./finding";
import * as say from "@/words/screens/shell/palette";

interface PaletteProps {
  /** What was typed before the finder was there. */
  readonly typedAhead: () => string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly onNewBike: () => void;
  readonly onHelp: () => void;
}

/** Find anything and go there: bikes, their stages, their lines, places. */
export function Palette({ open, onOpenChange, ...rest }: PaletteProps) {
  const rack = useRack();
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={say.find}>
      {rack ? <Finder tickets={rack.tickets} onOpenChange={onOpenChange} {...rest} /> : null}
    </Panel>
  );
}

interface Option {
  readonly key: string;
  readonly title: string;
  readonly note: string;
  readonly act: () => void;
}

type FinderProps = Omit<PaletteProps, "open"> & { readonly tickets: readonly Ticket[] };

/** What the words find: places first, then bikes and what of them is meant. */
function useOptions({ tickets: onRack, onNewBike, onHelp }: FinderProps, search: string): readonly Option[] {
  const router = useRouter();
  const inBook = useTicketsNamed(search, onRack);
  const tickets = useMemo(() => [...onRack, ...inBook], [onRack, inBook]);
  const index = useMemo(() => indexOf(tickets), [tickets]);
  const found = useMemo(() => find(index, tickets, search), [index, tickets, search]);
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const place = (title: string, says: string, note: string, act: () => void) => ({ title, says, note, act });
  const places = [
    place(say.newBike, say.paletteNewBike, "n", onNewBike),
    place(say.rack, say.rackBikesStand, "g", () => router.push("/")),
    place(say.displays, say.displaysLibrary, "", () => router.push("/displays")),
    place(say.twoDisplaysSideBy, say.compareTwoDisplays, "", () => router.push("/displays/compare")),
    place(say.faults, say.faultsWords, "", () => router.push("/faults")),
    place(say.practice, say.practiceWords, "", () => router.push("/practice")),
    place(say.book, say.bookWords, "", () => router.push("/book")),
    place(say.bringIn, say.bringInWords, "", () => router.push("/open")),
    place(say.backUp, say.backUpWords, "", () => router.push("/book/backup")),
    place(say.tables, say.tablesWheelVoltsClasses, "", () => router.push("/tables")),
    place(say.helpAndKeys, say.keysShortcutsHelpGuide, "?", onHelp),
  ].filter(({ says }) => words.every((word) => says.split(" ").some((own) => own.startsWith(word))));
  return [
    ...places.map(({ title, note, act }) => ({ key: say.palettePlace(title), title, note, act })),
    ...found.map(({ key, title, note, href, line }) => ({
      key,
      title,
      note,
      act: () => {
        if (line) sessionStorage.setItem(`odd-spoke.line.${line.jobId}`, line.code);
        router.push(href);
      },
    })),
  ];
}

/** A field and a list under it; the option in hand is always one of those in sight, and named to whoever hears it. */
function Finder(props: FinderProps) {
  const { typedAhead, onOpenChange } = props;
  const id = useId();
  const [search, setSearch] = useState(typedAhead);
  const [chosen, setChosen] = useState("");
  const list = useRef<HTMLUListElement>(null);
  const options = useOptions(props, search);
  const at = Math.max(
    0,
    options.findIndex(({ key }) => key === chosen),
  );
  const take = (option: Option | undefined) => {
    if (!option) return;
    onOpenChange(false);
    option.act();
  };
  useEffect(() => {
    list.current?.children[at]?.scrollIntoView({ block: "nearest" });
  }, [at]);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step !== undefined && options.length > 0) {
      event.preventDefault();
      setChosen(options[(at + step + options.length) % options.length]?.key ?? "");
    } else if (event.key === "Enter") {
      event.preventDefault();
      if (!event.repeat) take(options[at]);
    }
  };
  return (
    <>
      <input
        role="combobox"
        aria-label={say.findABikeA}
        aria-expanded="true"
        aria-autocomplete="list"
        aria-controls={`${id}-list`}
        aria-activedescendant={options.length > 0 ? `${id}-${at}` : undefined}
        autoFocus
        autoComplete="off"
        spellCheck={false}
        value={search}
        onChange={(event) => {
          setSearch(event.target.value);
          setChosen("");
        }}
        onKeyDown={onKeyDown}
        data-finder=""
        placeholder={say.typeANicknameA}
        className="mb-2 min-h-12 w-full rounded-md border-2 border-rule bg-ground px-3 focus:border-action"
      />
      <ul ref={list} id={`${id}-list`} role="listbox" aria-label={say.found} className="max-h-[50vh] overflow-y-auto">
        {options.map((option, i) => (
          // The keyboard goes by the field above; a mouse goes by the option itself.
          <li
            key={option.key}
            id={`${id}-${i}`}
            role="option"
            aria-selected={i === at}
            onClick={() => take(option)}
            onPointerMove={() => (i === at ? undefined : setChosen(option.key))}
            className={`flex min-h-11 cursor-pointer items-center justify-between gap-4 rounded-md px-3 ${i === at ? "bg-select" : ""}`}
          >
            <span className="min-w-0 font-semibold break-words">{option.title}</span>
            <span className="shrink-0 text-quiet">{option.note}</span>
          </li>
        ))}
      </ul>
      {options.length === 0 ? (
        <p role="status" className="p-3 text-quiet">
          {say.nothingOfThatName}
        </p>
      ) : null}
    </>
  );
}
