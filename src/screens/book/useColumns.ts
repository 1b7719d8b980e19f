"use client";
import { useMemo, useSyncExternalStore } from "react";
import { COLUMNS, LEAST_WIDTH_PX, MOST_WIDTH_PX, type ColumnKey } from "./columns";

/** Columns as this browser keeps them: those shown, in order, and widths that were drawn otherwise. */
interface KeptColumns {
  readonly shown: readonly ColumnKey[];
  readonly widths: Readonly<Partial<Record<ColumnKey, number>>>;
}

const NAME = "odd-spoke.book-columns";
const AT_FIRST: KeptColumns = { shown: COLUMNS.filter(({ atFirst }) => atFirst).map(({ key }) => key), widths: {} };

const isKey = (key: unknown): key is ColumnKey => COLUMNS.some((column) => column.key === key);

let cache: { readonly text: string | null; readonly columns: KeptColumns } = { text: null, columns: AT_FIRST };

function kept(): KeptColumns {
  const text = localStorage.getItem(NAME);
  if (text !== cache.text) cache = { text, columns: readKept(text) };
  return cache.columns;
}

function readKept(text: string | null): KeptColumns {
  try {
    const { shown, widths } = JSON.parse(text ?? "") as { shown: unknown; widths: unknown };
    const keys = Array.isArray(shown) ? shown.filter(isKey) : AT_FIRST.shown;
    const pairs = Object.entries(widths ?? {}).filter(([key, px]) => isKey(key) && Number.isFinite(px));
    return { shown: keys.length > 0 ? keys : AT_FIRST.shown, widths: Object.fromEntries(pairs) };
  } catch {
    return AT_FIRST;
  }
}

const listeners = new Set<() => void>();
function keep(next: KeptColumns): void {
  localStorage.setItem(NAME, JSON.stringify(next));
  listeners.forEach((listener) => listener());
}
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** The columns shown, each with its width, and how to change either. */
export function useColumns() {
  const { shown, widths } = useSyncExternalStore(subscribe, kept, () => AT_FIRST);
  // The same while nothing of it changes, so that a row drawn with it need not be drawn again.
  const columns = useMemo(
    () =>
      COLUMNS.filter(({ key }) => shown.includes(key)).map(({ key, widthPx }) => ({
        key,
        widthPx: widths[key] ?? widthPx,
      })),
    [shown, widths],
  );
  return {
    columns,
    toggle: (key: ColumnKey, on: boolean): void => {
      const next = on ? [...shown, key] : shown.filter((each) => each !== key);
      // The last one stays: a list of nothing tells nothing.
      if (next.length > 0) keep({ shown: next, widths });
    },
    resize: (key: ColumnKey, px: number): void => {
      const widthPx = Math.round(Math.min(MOST_WIDTH_PX, Math.max(LEAST_WIDTH_PX, px)));
      keep({ shown, widths: { ...widths, [key]: widthPx } });
    },
  };
}
export type Columns = ReturnType<typeof useColumns>;
