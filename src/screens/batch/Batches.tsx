"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { batchesOf } from "@/core/book/batches";
import { batchEntries } from "@/store/batches";
import { buttonClass, RuledTable } from "@/ui/primitives";
import { dayAndTime } from "@/words/speak";
import * as say from "@/words/screens/batch/batches";
import { BookNav } from "../book/BookNav";

/** Every batch in the book, the one worked on last first. */
export function Batches() {
  const entries = useLiveQuery(() => batchEntries());
  const batches = entries ? batchesOf(entries) : null;
  return (
    <div>
      <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.batches}</h1>
      <BookNav at="/book/batches" />
      {batches?.length === 0 ? (
        <div className="rounded-xl bg-sheet p-6">
          <p className="mb-4 max-w-[60ch] text-lg">{say.none}</p>
          <Link href="/book" className={buttonClass("main")}>
            {say.toTheBook}
          </Link>
        </div>
      ) : null}
      {batches && batches.length > 0 ? (
        <RuledTable label={say.batches} headings={say.headings} widthClass="min-w-[560px]">
          {batches.map(({ id, name, display, bikes, gone, at }) => (
            <tr key={id} className="border-b border-rule [&>td]:py-2 [&>td]:pr-3">
              <th scope="row" className="max-w-[24rem] py-2 pr-3 text-left">
                <Link href={`/book/batch/${id}`} prefetch={false} className="break-words underline underline-offset-4">
                  {name || say.nameless}
                </Link>
              </th>
              <td>{display}</td>
              <td>{say.bikes(bikes)}</td>
              <td>{gone}</td>
              <td>{dayAndTime(at)}</td>
            </tr>
          ))}
        </RuledTable>
      ) : null}
    </div>
  );
}
