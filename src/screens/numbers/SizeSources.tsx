"use client";
import type { WheelBench } from "@/core/benches/wheelBench";
import type { Bike } from "@/core/facts";
import type { SourcedRollout } from "@/core/wheel/sources";
import type { Change } from "@/store";
import { Button, NumberTable } from "@/ui/primitives";
import { offBy, plain } from "@/words";
import { SOURCE_WORDS } from "@/words/figures/wheel";
import { SOURCE_WORKING } from "@/words/wheelWorking";

/** Where the size comes from: every source, how sure, and whether they agree. */
export function SizeSources({
  bench,
  best,
  bike,
  takeRollout,
}: {
  readonly bench: WheelBench;
  readonly best: SourcedRollout | undefined;
  readonly bike: Bike;
  readonly takeRollout: (mm: number, off: number) => Promise<Change | null>;
}) {
  return bench.sources.length > 0 ? (
    <NumberTable
      caption="Where the size comes from"
      headings={["Source", "Rollout", "May be off by", "Against the best", "Use"]}
      rows={bench.sources.map((source) => ({
        key: source.source,
        head: SOURCE_WORDS[source.source],
        working: [...SOURCE_WORKING[source.source], `= ${plain(source.mm, 1)} mm ±${plain(source.uncertaintyMm, 1)}`],
        cells: [
          `${plain(source.mm, 0)} mm`,
          `±${plain(source.uncertaintyMm, 0)} mm`,
          source === best ? "best" : source.agrees ? "agrees" : `${offBy(1 + source.off)}, disagrees`,
          source.source === "rollout" ? (
            "in use"
          ) : source.source === "sidewall" ? (
            bike.rollout?.from === "tyre" ? (
              "in use"
            ) : (
              "—"
            )
          ) : (
            <Button key="take" weight="quiet" onClick={() => takeRollout(source.mm, source.uncertaintyMm)}>
              Take it
            </Button>
          ),
        ],
      }))}
    />
  ) : null;
}
