"use client";
import { AMPS_PER_MM2, type AllowedCurrent } from "@/core/battery/current";
import type { CurrentBench } from "@/core/benches/packBench";
import type { Bike } from "@/core/facts";
import { NumberTable } from "@/ui/primitives";
import { motorAmpsWorking, PART_WORDS, plain } from "@/words";
import { Lacks } from "./Bench";

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
      caption="What each part bears"
      headings={["Part", "Amps", "Verdict"]}
      rows={[...allowed.bounds, ...motor].map(({ part, amps }) => ({
        key: part,
        head: PART_WORDS[part],
        cells: [
          `${plain(amps)} A`,
          part === "motor" ? (
            "from memory: moves no line"
          ) : part === allowed.by ? (
            <strong key="b">sets the limit</strong>
          ) : (
            ""
          ),
        ],
        working:
          part === "motor" && bench.motor
            ? [motorAmpsWorking(bench.motor), "Electrical input a rating permits; not rated watts over volts."]
            : part === "wire"
              ? [
                  `${plain(bike.wireMm2 ?? 0, 2)} mm² × ${AMPS_PER_MM2} A/mm² = ${plain(amps)} A`,
                  "In free air, from memory. Local wiring codes go first.",
                ]
              : [`${plain(amps)} A, as said`],
      }))}
    />
  ) : (
    <Lacks>Give the controller’s amps to begin with.</Lacks>
  );
}
