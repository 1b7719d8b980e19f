"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useDeferredValue, useMemo } from "react";
import { csvOf } from "@/core/book/csv";
import { inOrder, searched, type BookQuery } from "@/core/book/searching";
import type { BookEntry } from "@/core/book/entry";
import { bookEntries } from "@/store/book";
import { Button, buttonClass } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import { headings, plainCells } from "@/words/screens/book/columns";
import * as say from "@/words/screens/book/book";
import { BookNav } from "./BookNav";
import { EntryTable } from "./EntryTable";
import { Filters } from "./Filters";
import { useColumns } from "./useColumns";
import { useMoreWords } from "./useMoreWords";
import { useQuery } from "./useQuery";

/** The book: every visit of every bike, found as one types. */
export function Book() {
  const entries = useLiveQuery(() => bookEntries());
  return (
    <div>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.book}</h1>
        {entries ? (
          <p className="text-quiet">{say.howMany(entries.length, new Set(entries.map(({ bikeId }) => bikeId)).size)}</p>
        ) : null}
      </div>
      <BookNav at="/book" />
      {entries ? entries.length === 0 ? <Empty /> : <List entries={entries} /> : null}
    </div>
  );
}

function Empty() {
  return (
    <div className="rounded-xl bg-sheet p-6">
      <p className="mb-4 max-w-[60ch] text-lg">{say.theBookIsEmpty}</p>
      <Link href="/" className={buttonClass("main")}>
        {say.toTheRack}
      </Link>
    </div>
  );
}

function List({ entries }: { readonly entries: readonly BookEntry[] }) {
  const { query, order, onQuery, clear, onOrder } = useQuery();
  const columns = useColumns();
  // The field shows each key at once; the list follows as soon as it can.
  const asked = useDeferredValue(query);
  const { text, left } = useMoreWords(entries);
  // Put in order once, so that a key costs a look through the list and nothing more.
  const ordered = useMemo(() => inOrder(entries, order), [entries, order]);
  const found = useMemo(() => searched(ordered, asked, text), [ordered, asked, text]);
  const save = () => {
    const keys = columns.columns.map(({ key }) => key);
    const rows = found.map((entry) => keys.map((key) => plainCells[key](entry)));
    saveText(
      say.fileName,
      csvOf(
        keys.map((key) => headings[key]),
        rows,
      ),
      "text/csv",
    );
  };
  return (
    <>
      <Search query={query} onQuery={onQuery} />
      <Filters entries={entries} query={query} onQuery={onQuery} columns={columns} />
      <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
        <p role="status" data-found={found.length}>
          {say.ofThem(found.length, entries.length)}
        </p>
        {left > 0 && query.words !== "" ? <p className="text-quiet">{say.stillReading(left)}</p> : null}
        <Button weight="quiet" onClick={save} disabled={found.length === 0}>
          {say.saveTheList}
        </Button>
      </div>
      {found.length > 0 ? (
        <EntryTable entries={found} columns={columns} order={order} onOrder={onOrder} />
      ) : (
        <div className="rounded-xl bg-sheet p-6">
          <p className="mb-3 text-lg">{say.nothingFits}</p>
          <Button onClick={clear}>{say.takeTheFiltersOff}</Button>
        </div>
      )}
    </>
  );
}

interface SearchProps {
  readonly query: BookQuery;
  readonly onQuery: (edit: Partial<BookQuery>) => void;
}

const Search = ({ query, onQuery }: SearchProps) => (
  <label className="mb-4 flex max-w-[640px] flex-col gap-1">
    <span className="text-[0.92rem] font-semibold">{say.search}</span>
    <input
      type="search"
      value={query.words}
      autoComplete="off"
      spellCheck={false}
      onChange={(event) => onQuery({ words: event.target.value })}
      className="min-h-12 rounded-md border-2 border-rule bg-sheet px-3 text-lg hover:border-quiet focus:border-action"
    />
    <span className="text-[0.85rem] text-quiet">{say.searchHint}</span>
  </label>
);
