"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { setNonce } from "get-nonce";
import dynamic from "next/dynamic";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState, useSyncExternalStore, type ReactNode } from "react";
import { addJob, db } from "@/store";
import { StorageGate } from "./StorageGate";
import { Alarms } from "./Alarms";
import { Toasts, useShortcuts } from "@/ui/primitives";
import { day } from "@/ui/wording";
import { Mark } from "./Mark";

// Loaded when first asked for: neither is needed to see a screen.
const Palette = dynamic(() => import("./Palette").then((module) => module.Palette), { ssr: false });
const ShortcutHelp = dynamic(() => import("./ShortcutHelp").then((module) => module.ShortcutHelp), { ssr: false });

const PLACES = [
  { href: "/", label: "Rack", match: (path: string) => path === "/" || path.startsWith("/job") },
  { href: "/displays", label: "Displays", match: (path: string) => path.startsWith("/displays") },
  { href: "/tables", label: "Tables", match: (path: string) => path.startsWith("/tables") },
] as const;

/** The frame around every screen: where you are, where you can go, what is kept where. */
export function Shell({ nonce, children }: { readonly nonce: string | undefined; readonly children: ReactNode }) {
  const path = usePathname();
  const router = useRouter();
  const [palette, setPalette] = useState(false);
  const [help, setHelp] = useState(false);

  const ahead = useTypedAhead(palette);

  useEffect(() => {
    if (nonce) setNonce(nonce);
  }, [nonce]);

  const newBike = async () => {
    const job = await addJob();
    router.push(`/job/${job.id}/intake`);
  };
  useShortcuts(
    {
      "/": () => setPalette(true),
      "Ctrl-k": () => setPalette(true),
      "?": () => setHelp(true),
      n: () => void newBike(),
      g: () => router.push("/"),
    },
    !palette && !help,
  );

  return (
    <Toasts>
      <a
        href="#work"
        className="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:rounded-md focus:bg-sheet focus:p-3"
      >
        Skip to the work
      </a>
      <header className="no-print flex min-h-[52px] items-center gap-4 border-b border-rule px-5 max-sm:gap-2 max-sm:px-3">
        <Link href="/" className="flex items-center gap-2.5 font-head text-[1.35rem] font-bold whitespace-nowrap">
          <Mark />
          Odd Spoke
        </Link>
        <button
          type="button"
          onClick={() => setPalette(true)}
          className="ml-3 flex min-h-9 w-full max-w-[360px] items-center justify-between rounded-md border border-rule bg-sheet px-3 text-left text-[0.92rem] text-quiet hover:border-quiet max-sm:ml-0 max-sm:w-auto"
        >
          <span className="max-sm:hidden">Find a bike, a line, a place</span>
          <span className="sm:hidden">Find</span>
          <kbd className="code rounded border border-rule px-1.5 text-ink max-sm:hidden">/</kbd>
        </button>
        <div className="ml-auto flex items-center gap-5 text-[0.9rem] text-quiet max-sm:gap-2">
          <KeptWhere />
          <button
            type="button"
            onClick={() => setHelp(true)}
            className="min-h-9 px-1 hover:text-ink"
            aria-label="Keyboard shortcuts"
          >
            <kbd className="code">?</kbd>
          </button>
          <ThemeSwitch />
        </div>
      </header>
      <div className="flex max-md:flex-col">
        <nav
          aria-label="Places"
          className="no-print w-[92px] shrink-0 border-r border-rule pt-4 max-md:flex max-md:w-full max-md:border-r-0 max-md:border-b max-md:pt-0 md:sticky md:top-0 md:h-[calc(100vh-53px)] md:self-start"
        >
          {PLACES.map(({ href, label, match }) => {
            const here = match(path);
            return (
              <Link
                key={href}
                href={href}
                aria-current={here ? "page" : undefined}
                className={`flex min-h-11 items-center border-l-4 px-4 max-md:border-b-4 max-md:border-l-0 ${here ? "border-action font-bold" : "border-transparent text-quiet hover:text-ink"}`}
              >
                {label}
              </Link>
            );
          })}
        </nav>
        <main id="work" tabIndex={-1} className="min-w-0 flex-1 px-7 pt-6 pb-16 outline-none max-sm:px-4 max-sm:pt-4">
          <div className="mx-auto max-w-[1160px]">
            <StorageGate>{children}</StorageGate>
          </div>
        </main>
      </div>
      <Alarms />
      {palette ? (
        <Palette
          open={palette}
          typedAhead={ahead}
          onOpenChange={setPalette}
          onNewBike={() => void newBike()}
          onHelp={() => setHelp(true)}
        />
      ) : null}
      {help ? <ShortcutHelp open={help} onOpenChange={setHelp} /> : null}
    </Toasts>
  );
}

/**
 * Keeps what is typed between asking for the palette and its being there, so that nothing typed is lost or acts as a
 * shortcut.
 */
function useTypedAhead(asked: boolean): () => string {
  const typed = useRef("");
  useEffect(() => {
    if (!asked) return;
    typed.current = "";
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector("[data-finder]")) return;
      if (event.key.length !== 1 && event.key !== "Enter") return;
      event.preventDefault();
      event.stopImmediatePropagation();
      if (event.key !== "Enter") typed.current += event.key;
    };
    window.addEventListener("keydown", onKey, true);
    return () => window.removeEventListener("keydown", onKey, true);
  }, [asked]);
  return useCallback(() => typed.current, []);
}

/** What is kept where, and when it last left this machine. */
function KeptWhere() {
  // Where storage cannot be opened the page says so itself; this corner then says nothing.
  const facts = useLiveQuery(() =>
    db.facts.get("last-export").then(
      (fact) => ({ exported: fact?.value ?? null, ready: true }),
      () => null,
    ),
  );
  if (!facts?.ready) return <span className="max-md:hidden">&nbsp;</span>;
  return (
    <span className="max-md:hidden">
      Kept in this browser · {facts.exported ? `last export ${day(facts.exported)}` : "never exported"}
    </span>
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
      aria-label={`Switch to the ${other} theme`}
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
