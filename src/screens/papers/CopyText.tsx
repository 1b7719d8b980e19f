"use client";
import { useState } from "react";
import { Button, useTell } from "@/ui/primitives";
import * as say from "@/words/screens/papers/copyText";
import type { PaperKind, PaperTexts } from "./paperText";

interface CopyTextProps {
  readonly texts: PaperTexts;
  /** The papers that are chosen. */
  readonly kinds: readonly PaperKind[];
}

/** The chosen papers as plain text, to send; shown to be selected where the browser does not let it be copied. */
export function CopyText({ texts, kinds }: CopyTextProps) {
  const tell = useTell();
  const [shown, setShown] = useState("");
  const copy = async () => {
    const { textOf } = await import("./paperText");
    const text = textOf(texts, kinds);
    try {
      await navigator.clipboard.writeText(text);
      tell(say.copied);
    } catch {
      setShown(text);
      tell(say.notCopied);
    }
  };
  return (
    <>
      <Button onClick={() => void copy()}>{say.copyAsText}</Button>
      {shown ? (
        <textarea
          readOnly
          aria-label={say.asText}
          value={shown}
          rows={10}
          className="w-full rounded-md border-2 border-rule bg-sheet p-2"
        />
      ) : null}
    </>
  );
}
