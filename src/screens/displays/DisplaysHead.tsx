"use client";
import { Button, buttonClass, FilePick } from "@/ui/primitives";
import Link from "next/link";
import type { KnownDisplays } from "./useDisplays";
import * as say from "@/words/screens/displays/displaysHead";

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
        <h1 className="text-[2.1rem]">{say.displays}</h1>
        <p className="text-quiet">{say.inventedToLearnOn(displays.shipped.length, displays.own.length)}</p>
      </div>
      <div className="flex flex-wrap gap-2.5">
        <FilePick
          weight="quiet"
          label={say.displayFileToImport}
          accept=".json,application/json"
          onPick={(file) => void take(file)}
        >
          {say.importADisplay}
        </FilePick>
        <Link href="/displays/compare" className={buttonClass()}>
          {say.compareTwo}
        </Link>
        <Button weight="main" onClick={() => void describe()}>
          {say.describeADisplay}
        </Button>
      </div>
    </div>
  );
}
