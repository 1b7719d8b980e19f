"use client";
import { Toast } from "radix-ui";
import * as say from "@/words/ui/primitives/toastList";

export interface Message {
  readonly id: number;
  readonly text: string;
  readonly undo: (() => void) | null;
}

/** The messages at the foot of the screen, each for ten seconds or until it is dropped. */
export function ToastList({
  messages,
  onDrop,
}: {
  readonly messages: readonly Message[];
  readonly onDrop: (id: number) => void;
}) {
  return (
    <Toast.Provider duration={10_000} label={say.notice}>
      {messages.map((message) => (
        <Toast.Root
          key={message.id}
          onOpenChange={(open) => {
            if (!open) onDrop(message.id);
          }}
          className="flex items-center gap-4 rounded-lg bg-ink px-4 py-2.5 text-ground"
        >
          <Toast.Description>{message.text}</Toast.Description>
          {message.undo ? (
            <Toast.Action altText={say.undo} asChild>
              <button
                type="button"
                onClick={message.undo}
                className="min-h-9 rounded-md border-2 border-ground px-3 font-semibold"
              >
                {say.undo}
              </button>
            </Toast.Action>
          ) : null}
        </Toast.Root>
      ))}
      <Toast.Viewport className="no-print fixed bottom-4 left-1/2 z-[60] flex w-max max-w-[calc(100vw-2rem)] -translate-x-1/2 flex-col gap-2" />
    </Toast.Provider>
  );
}
