"use client";
import { Button, buttonClass, FilePick } from "@/ui/primitives";
import Link from "next/link";
import type { KnownDisplays } from "./useDisplays";

/** How many there are, and the ways to a new one. */
export function DisplaysHead({
  displays,
  take,
  describe,
}: {
  readonly displays: KnownDisplays;
  readonly take: (file: File) => Promise<void>;
  readonly describe: () => Promise<void>;
}) {
  return (
    <div className="mb-4 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-[2.1rem]">Displays</h1>
        <p className="text-quiet">
          {displays.shipped.length} invented, to learn on · {displays.own.length} described here
        </p>
      </div>
      <div className="flex flex-wrap gap-2.5">
        <FilePick
          weight="quiet"
          label="Display file to import"
          accept=".json,application/json"
          onPick={(file) => void take(file)}
        >
          Import a display
        </FilePick>
        <Link href="/displays/compare" className={buttonClass()}>
          Compare two
        </Link>
        <Button weight="main" onClick={() => void describe()}>
          Describe a display
        </Button>
      </div>
    </div>
  );
}
