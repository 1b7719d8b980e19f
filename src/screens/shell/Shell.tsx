"use client";
import { Toasts, useShortcuts } from "@/ui/primitives";
import { setNonce } from "get-nonce";
import { later } from "@/ui/primitives/later";
import { usePathname, useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState, type ReactNode } from "react";
import { Alarms } from "./Alarms";
import { Places } from "./Places";
import { StorageGate } from "./StorageGate";
import { TopBar } from "./TopBar";
import { useOffline } from "./useOffline";
import * as say from "@/words/screens/shell/shell";

// Loaded when first asked for: neither is needed to see a screen.
const Palette = later(() => import("./Palette").then((module) => module.Palette));
const ShortcutHelp = later(() => import("./ShortcutHelp").then((module) => module.ShortcutHelp));

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
  useOffline();

  const newBike = async () => {
    const { addJob } = await import("@/store/addJob");
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
        {say.skipToTheWork}
      </a>
      <TopBar setPalette={setPalette} setHelp={setHelp} />
      <div className="flex max-md:flex-col">
        <Places path={path} />
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
