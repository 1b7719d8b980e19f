"use client";
import { useState } from "react";
import { Button } from "@/ui/primitives";
import { moment } from "../program/Countdown";
import * as say from "@/words/screens/prove/checkCard";

/** A time by two taps: as it begins, and as it ends. */
export function TapTimer({ onTimed }: { readonly onTimed: (seconds: number) => void }) {
  const [since, setSince] = useState<number | null>(null);
  const tap = () => {
    if (since === null) return setSince(moment());
    setSince(null);
    onTimed((moment() - since) / 1000);
  };
  return (
    <Button
      weight={since === null ? "plain" : "main"}
      onPointerDown={tap}
      onClick={(event) => (event.detail === 0 ? tap() : undefined)}
    >
      {since === null ? say.begin : say.end}
    </Button>
  );
}
