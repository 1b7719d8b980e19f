"use client";
import { later } from "@/ui/primitives/later";
import { createContext, useCallback, useContext, useState, type ReactNode } from "react";
import type { Message } from "./ToastList";

type Tell = (text: string, undo?: () => void) => void;
const TellContext = createContext<Tell>(() => undefined);

// Loaded with the first message: no screen needs it to be seen.
const ToastList = later(() => import("./ToastList").then((module) => module.ToastList));

/** Says what was done, with the way to undo it. */
export const useTell = (): Tell => useContext(TellContext);

export function Toasts({ children }: { readonly children: ReactNode }) {
  const [messages, setMessages] = useState<readonly Message[]>([]);
  const [begun, setBegun] = useState(false);
  const tell = useCallback<Tell>((text, undo) => {
    setBegun(true);
    setMessages((all) => [...all.slice(-2), { id: (all[all.length - 1]?.id ?? 0) + 1, text, undo: undo ?? null }]);
  }, []);
  return (
    <TellContext.Provider value={tell}>
      {children}
      {begun ? (
        <ToastList
          messages={messages}
          onDrop={(id) => setMessages((all) => all.filter((message) => message.id !== id))}
        />
      ) : null}
    </TellContext.Provider>
  );
}
