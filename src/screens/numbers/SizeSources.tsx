"use client";
import type { WheelBench } from "@/core/benches/wheelBench";
import type { Bike } from "@/core/facts";
import type { SourcedRollout } from "@/core/wheel/sources";
import type { Change } from "@/store";
import { Button, NumberTable } from "@/ui/primitives";
import { SOURCE_WORDS } from "@/words/figures/wheel";
import { SOURCE_WORKING } from "@/words/wheelWorking";
import * as say from "@/words/screens/numbers/sizeSources";

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
      caption={say.whereTheSizeComes}
      headings={[say.source, say.rollout, say.mayBeOffBy, say.againstTheBest, say.use]}
      rows={bench.sources.map((source) => ({
        key: source.source,
        head: SOURCE_WORDS[source.source],
        working: [...SOURCE_WORKING[source.source], say.sizeSourcesMm(source.mm, source.uncertaintyMm)],
        cells: [
          say.sizeSourcesMm2(source.mm),
          say.sizeSourcesMm3(source.uncertaintyMm),
          source === best ? "best" : source.agrees ? "agrees" : say.sizeSourcesDisagrees(source.off),
          source.source === "rollout" ? (
            say.inUse
          ) : source.source === "sidewall" ? (
            bike.rollout?.from === "tyre" ? (
              say.inUse
            ) : (
              "—"
            )
          ) : (
            <Button key="take" weight="quiet" onClick={() => takeRollout(source.mm, source.uncertaintyMm)}>
              {say.takeIt}
            </Button>
          ),
        ],
      }))}
    />
  ) : null;
}
