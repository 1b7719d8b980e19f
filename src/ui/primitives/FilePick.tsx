"use client";
import { useRef } from "react";
import { Button } from "./Button";

interface FilePickProps {
  /** What the hidden file field is called. */
  readonly label: string;
  readonly accept: string;
  readonly weight?: "plain" | "quiet";
  /** Asks a phone for its camera. */
  readonly camera?: boolean;
  readonly onPick: (file: File) => void;
  readonly children: React.ReactNode;
}

/** A button that asks for one file; the same file can be picked again. */
export function FilePick({ label, accept, weight = "plain", camera = false, onPick, children }: FilePickProps) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={picker}
        type="file"
        accept={accept}
        {...(camera ? { capture: "environment" as const } : {})}
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) onPick(file);
        }}
      />
      <Button weight={weight} onClick={() => picker.current?.click()}>
        {children}
      </Button>
    </>
  );
}
