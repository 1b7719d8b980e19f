"use client";
import { useState } from "react";
import { Button, KeptField } from "@/ui/primitives";
import * as say from "@/words/screens/workbench/walkAnswer";

/** Seconds, typed or taken by two presses of a timer. */
export function WalkTimer({
  of,
  label,
  value,
  onKeep,
}: {
  readonly of: string;
  readonly label: string;
  readonly value: string;
  readonly onKeep: (seconds: string) => void;
}) {
  const [since, setSince] = useState<number | null>(null);
  const press = () => {
    if (since === null) return setSince(performance.now());
    onKeep(((performance.now() - since) / 1000).toFixed(1));
    setSince(null);
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      <div className="w-40">
        <KeptField of={`${of} seconds`} label={label} unit="s" numeric value={value} onKeep={onKeep} />
      </div>
      <Button big onClick={press}>
        {since === null ? say.start : say.stop}
      </Button>
    </div>
  );
}
