"use client";
import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import * as say from "@/words/ui/primitives/panel";

interface PanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly description?: string;
  readonly children: ReactNode;
}

/** A sheet of paper laid over the bench: for a question that needs the whole attention. */
export function Panel({ open, onOpenChange, title, description, children }: PanelProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[#08100f]/60" />
        <Dialog.Content
          className="fixed inset-x-3 top-[6vh] z-50 mx-auto max-h-[88vh] max-w-2xl overflow-y-auto rounded-xl bg-sheet p-6 text-ink shadow-2xl max-sm:p-4"
          {...(description ? {} : { "aria-describedby": undefined })}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close className="min-h-11 rounded-md px-3 font-semibold text-quiet hover:text-ink">
              {say.close}
              <kbd className="code">{say.esc}</kbd>
            </Dialog.Close>
          </div>
          {description ? <Dialog.Description className="mb-4 text-quiet">{description}</Dialog.Description> : null}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
