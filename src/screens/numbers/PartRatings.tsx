"use client";
import { AMPS_PER_MM2, type AllowedCurrent } from "@/core/battery/current";
import type { CurrentBench } from "@/core/benches/packBench";
import type { Bike } from "@/core/facts";
import { NumberTable } from "@/ui/primitives";
import { motorAmpsWorking, PART_WORDS, plain } from "@/words";
import { Lacks } from "./Bench";
import * as say from "@/words/screens/numbers/partRatings";

/** What each part bears, and which of them sets the limit. */
export function PartRatings({
  allowed,
  bench,
  bike,
}: {
  readonly allowed: AllowedCurrent | null;
  readonly bench: CurrentBench;
  readonly bike: Bike;
}) {
  const motor = bench.motor ? [{ part: "motor" as const, amps: bench.motor.amps }] : [];
  return allowed ? (
    <NumberTable
      caption={say.whatEachPartBears}
      headings={[say.part, say.amps, say.verdict]}
      rows={[...allowed.bounds, ...motor].map(({ part, amps }) => ({
        key: part,
        head: PART_WORDS[part],
        cells: [
          `${plain(amps)} A`,
          part === "motor" ? (
            say.fromMemoryMovesNo
          ) : part === allowed.by ? (
            <strong key="b">{say.setsTheLimit}</strong>
          ) : (
            ""
          ),
        ],
        working:
          part === "motor" && bench.motor
            ? [motorAmpsWorking(bench.motor), say.electricalInputARating]
            : part === "wire"
              ? [say.mmAMmA(bike.wireMm2, AMPS_PER_MM2, amps), say.inFreeAirFrom]
              : [say.aAsSaid(amps)],
      }))}
    />
  ) : (
    <Lacks>{say.giveTheControllersAmps}</Lacks>
  );
}
