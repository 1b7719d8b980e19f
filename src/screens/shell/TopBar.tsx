"use client";
import { lastBackup } from "@/store";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useSyncExternalStore } from "react";
import { Mark } from "./Mark";
import * as say from "@/words/screens/shell/topBar";

/** What is kept where, and when it last left this machine. */
function KeptWhere() {
  // Where storage cannot be opened the page says so itself; this corner then says nothing.
  const kept = useLiveQuery(() => lastBackup().catch(() => null));
  if (!kept) return <span className="max-md:hidden">&nbsp;</span>;
  return (
    <Link href="/book/backup" prefetch={false} className="hover:text-ink max-md:hidden">
      {say.keptInThisBrowser(kept.at, kept.lacks)}
    </Link>
  );
}

const THEME = "odd-spoke.theme";
const listeners = new Set<() => void>();
const subscribeTheme = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

function ThemeSwitch() {
  const theme = useSyncExternalStore(
    subscribeTheme,
    () => document.documentElement.dataset.theme ?? "light",
    () => "light",
  );
  const other = theme === "dark" ? "light" : "dark";
  return (
    <button
      type="button"
      className="min-h-9 px-1 capitalize hover:text-ink"
      aria-label={say.switchToTheTheme(other)}
      onClick={() => {
        document.documentElement.dataset.theme = other;
        localStorage.setItem(THEME, other);
        listeners.forEach((listener) => listener());
      }}
    >
      {other}
    </button>
  );
}

/** Where everything is found from, and where the data lies. */
export function TopBar({
  setPalette,
  setHelp,
}: {
  readonly setPalette: (next: boolean) => void;
  readonly setHelp: (next: boolean) => void;
}) {
  return (
    <header className="no-print flex min-h-[52px] items-center gap-4 border-b border-rule px-5 max-sm:gap-2 max-sm:px-3">
      <Link href="/" className="flex items-center gap-2.5 font-head text-[1.35rem] font-bold whitespace-nowrap">
        <Mark />
        {say.oddSpoke}
      </Link>
      <button
        type="button"
        onClick={() => setPalette(true)}
        className="ml-3 flex min-h-9 w-full max-w-[360px] items-center justify-between rounded-md border border-rule bg-sheet px-3 text-left text-[0.92rem] text-quiet hover:border-quiet max-sm:ml-0 max-sm:w-auto"
      >
        <span className="max-sm:hidden">{say.findABikeA}</span>
        <span className="sm:hidden">{say.find}</span>
        <kbd className="code rounded border border-rule px-1.5 text-ink max-sm:hidden">/</kbd>
      </button>
      <div className="ml-auto flex items-center gap-5 text-[0.9rem] text-quiet max-sm:gap-2">
        <KeptWhere />
        <button
          type="button"
          onClick={() => setHelp(true)}
          className="min-h-9 px-1 hover:text-ink"
          aria-label={say.keyboardShortcuts}
        >
          <kbd className="code">?</kbd>
        </button>
        <ThemeSwitch />
      </div>
    </header>
  );
}
