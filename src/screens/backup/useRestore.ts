"use client";
import { useState } from "react";
import type { BundleProblem } from "@/core/book/openBundle";
import type { OpenedBook } from "@/core/book/packing";
import { restoreBook, restoreOutlook, type RestoreOutlook } from "@/store/backup";
import { opener } from "@/workers/bookClient";

type SoundBook = Extract<OpenedBook, { ok: true }>;

export type Restoring =
  | { readonly kind: "none" }
  | { readonly kind: "reading"; readonly share: number }
  | { readonly kind: "refused"; readonly fileName: string; readonly problem: BundleProblem }
  | {
      readonly kind: "looked";
      readonly fileName: string;
      readonly book: SoundBook;
      readonly outlook: RestoreOutlook;
      readonly isBusy: boolean;
    };

/** A back-up chosen, looked through and brought in; nothing is stored before somebody says so. */
export function useRestore(onDone: (undo: () => Promise<void>) => void, onFailed: (detail: string) => void) {
  const [state, setState] = useState<Restoring>({ kind: "none" });
  const look = async (file: File) => {
    setState({ kind: "reading", share: 0 });
    const tell = (share: number) => setState({ kind: "reading", share });
    try {
      const book = await opener.open(file, (share) => tell(share / 2));
      if (!book.ok) return setState({ kind: "refused", fileName: file.name, problem: book.problem });
      const outlook = await restoreOutlook(book, opener, (share) => tell(0.5 + share / 2));
      setState({ kind: "looked", fileName: file.name, book, outlook, isBusy: false });
    } catch (error) {
      setState({ kind: "none" });
      onFailed(error instanceof Error ? error.message : String(error));
    }
  };
  const bringIn = async () => {
    if (state.kind !== "looked" || state.isBusy) return;
    setState({ ...state, isBusy: true });
    try {
      const { undo } = await restoreBook(state.book, opener);
      onDone(undo);
    } catch (error) {
      onFailed(error instanceof Error ? error.message : String(error));
    }
    setState({ kind: "none" });
  };
  return { state, look, bringIn, close: () => setState({ kind: "none" }) };
}
