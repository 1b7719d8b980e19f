"use client";
import { useState } from "react";
import { Button } from "@/ui/primitives";
import { buttonClass } from "@/ui/primitives/Button";
import * as say from "@/words/screens/prove/checkCard";
import { moment } from "../program/Countdown";

/** A time by hand: by two taps, as it begins and as it ends, or by a key held for as long as it goes on. */
export function TapTimer({ onTimed }: { readonly onTimed: (seconds: number) => void }) {
  const [since, setSince] = useState<number | null>(null);
  const [heldSince, setHeldSince] = useState<number | null>(null);
  const tap = () => {
    if (since === null) return setSince(moment());
    setSince(null);
    onTimed((moment() - since) / 1000);
  };
  const letGo = () => {
    if (heldSince === null) return;
    setHeldSince(null);
    onTimed((moment() - heldSince) / 1000);
  };
  const isKey = (key: string): boolean => key === " " || key === "Enter";
  return (
    <>
      <Button
        weight={since === null ? "plain" : "main"}
        onPointerDown={tap}
        onClick={(event) => (event.detail === 0 ? tap() : undefined)}
      >
        {since === null ? say.begin : say.end}
      </Button>
      <button
        type="button"
        aria-pressed={heldSince !== null}
        className={`${buttonClass("plain")} touch-none select-none aria-pressed:bg-select`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setHeldSince(moment());
        }}
        onPointerUp={letGo}
        onPointerCancel={() => setHeldSince(null)}
        onBlur={() => setHeldSince(null)}
        onContextMenu={(event) => event.preventDefault()}
        onKeyDown={(event) => {
          if (isKey(event.key) && !event.repeat) setHeldSince(moment());
        }}
        onKeyUp={(event) => {
          if (isKey(event.key)) letGo();
        }}
      >
        {say.holdWhile}
      </button>
    </>
  );
}
