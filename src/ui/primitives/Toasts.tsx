"use client";
import { Toast } from "radix-ui";
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from "react";

interface Message {
  readonly id: number;
  readonly text: string;
  readonly undo: (() => void) | null;
}

type Tell = (text: string, undo?: () => void) => void;
const TellContext = createContext<Tell>(() => undefined);

/** Says what was done, with the way to undo it. */
export const useTell = (): Tell => useContext(TellContext);

export function Toasts({ children }: { readonly children: ReactNode }) {
  const [messages, setMessages] = useState<readonly Message[]>([]);
  const tell = useCallback<Tell>((text, undo) => setMessages((all) => [...all.slice(-2), { id: (all[all.length - 1]?.id ?? 0) + 1, text, undo: undo ?? null }]), []);
  const drop = (id: number) => setMessages((all) => all.filter((message) => message.id !== id));
  const provided = useMemo(() => tell, [tell]);
  return (
    <TellContext.Provider value={provided}>
      <Toast.Provider duration={10_000} label="Notice">
        {children}
        {messages.map((message) => (
          <Toast.Root
            key={message.id}
            onOpenChange={(open) => {
              if (!open) drop(message.id);
            }}
            className="flex items-center gap-4 rounded-lg bg-ink px-4 py-2.5 text-ground"
          >
            <Toast.Description>{message.text}</Toast.Description>
            {message.undo ? (
              <Toast.Action altText="Undo" asChild>
                <button type="button" onClick={message.undo} className="min-h-9 rounded-md border-2 border-ground px-3 font-semibold">
                  Undo
                </button>
              </Toast.Action>
            ) : null}
          </Toast.Root>
        ))}
        <Toast.Viewport className="no-print fixed bottom-4 left-1/2 z-[60] flex w-max max-w-[calc(100vw-2rem)] -translate-x-1/2 flex-col gap-2" />
      </Toast.Provider>
    </TellContext.Provider>
  );
}
