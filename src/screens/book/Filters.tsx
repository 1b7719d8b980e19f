"use client";
import { useMemo } from "react";
import { PLACES, type BookEntry } from "@/core/book/entry";
import { valuesIn, type BookQuery } from "@/core/book/searching";
import { Choice, Pick } from "@/ui/primitives";
import { Chip } from "@/ui/primitives/Chip";
import { headings, PLACE_NAMES } from "@/words/screens/book/columns";
import * as say from "@/words/screens/book/filters";
import { COLUMNS } from "./columns";
import type { Columns } from "./useColumns";

interface FiltersProps {
  readonly entries: readonly BookEntry[];
  readonly query: BookQuery;
  readonly onQuery: (edit: Partial<BookQuery>) => void;
  readonly columns: Columns;
}

/** What the list is narrowed to; every filter adds to the others. */
export function Filters({ entries, query, onQuery, columns }: FiltersProps) {
  const displays = useMemo(() => valuesIn(entries, "display"), [entries]);
  const classes = useMemo(() => valuesIn(entries, "className"), [entries]);
  const picks = [
    { key: "display", label: say.display, any: say.anyDisplay, values: displays },
    { key: "className", label: say.classWord, any: say.anyClass, values: classes },
  ] as const;
  const { place, only, display, className, from, to } = query;
  const narrowed = [display, className, only, from, to].filter((value) => value !== "").length;
  return (
    <section aria-label={say.filters} className="mb-3 flex flex-col gap-2">
      <Choice
        label={say.where}
        hideLabel
        value={place || "any"}
        options={[
          { value: "any", label: say.anywhere },
          ...PLACES.map((each) => ({ value: each, label: PLACE_NAMES[each] })),
        ]}
        onChoose={(chosen) => onQuery({ place: chosen === "any" ? "" : chosen })}
      />
      <details>
        <summary className="min-h-9 font-semibold">{say.moreFilters(narrowed)}</summary>
        <div className="flex flex-wrap items-end gap-x-6 gap-y-3 pt-1 pb-3">
          <Choice
            label={say.only}
            value={only || "all"}
            options={[
              { value: "all", label: say.all },
              { value: "drifted", label: say.drifted },
              { value: "twins", label: say.twins },
            ]}
            onChoose={(chosen) => onQuery({ only: chosen === "all" ? "" : chosen })}
          />
          {picks.map(({ key, label, any, values }) => (
            <div key={key} className="w-[190px]">
              <Pick
                label={label}
                value={query[key]}
                options={[{ value: "", label: any }, ...values.map((value) => ({ value, label: value }))]}
                onPick={(value) => onQuery({ [key]: value })}
              />
            </div>
          ))}
          <Day label={say.workedOnFrom} value={from} onDay={(day) => onQuery({ from: day })} />
          <Day label={say.to} value={to} onDay={(day) => onQuery({ to: day })} />
          <fieldset className="basis-full">
            <legend className="mb-1 text-[0.92rem] font-semibold">{say.columns}</legend>
            <div className="flex flex-wrap gap-1.5">
              {COLUMNS.map(({ key }) => (
                <Chip
                  key={key}
                  type="checkbox"
                  checked={columns.columns.some((column) => column.key === key)}
                  onChange={(on) => columns.toggle(key, on)}
                >
                  {headings[key]}
                </Chip>
              ))}
            </div>
          </fieldset>
        </div>
      </details>
    </section>
  );
}

interface DayProps {
  readonly label: string;
  readonly value: string;
  readonly onDay: (day: string) => void;
}

/** A day, by the browser's own field. */
const Day = ({ label, value, onDay }: DayProps) => (
  <label className="flex flex-col gap-1 text-[0.92rem] font-semibold">
    {label}
    <input
      type="date"
      value={value}
      onChange={(event) => onDay(event.target.value)}
      className="min-h-11 rounded-md border-2 border-rule bg-sheet px-2 font-normal hover:border-quiet"
    />
  </label>
);
