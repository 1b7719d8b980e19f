import { levelModes, richestMode } from "@/core/assist";
import { readLadders } from "@/core/facts/lists";
import type { SpeedUnit } from "@/core/units";
import * as say from "@/words/screens/numbers/modesCompared";
import { Part } from "./Bench";
import { ModesTable } from "./ModesTable";
import type { BenchProps } from "./benchProps";

/** Ladders measured with different numbers of levels, side by side, twins marked; nothing until one is kept. */
export function ModesCompared({ facts, unit }: Pick<BenchProps, "facts"> & { readonly unit: SpeedUnit }) {
  const modes = levelModes(readLadders(facts.text("measuredLadders")));
  const best = richestMode(modes);
  if (!best) return null;
  return (
    <Part title={say.modesSideBySide}>
      <ModesTable
        label={say.modesSideBySide}
        headings={modes.map(({ speedsKmh }) => say.levels(speedsKmh.length))}
        modes={modes}
        unit={unit}
      />
      <p className="mt-2">{say.real(modes.map(({ real, speedsKmh }) => [real, speedsKmh.length] as const))}</p>
      {modes.length > 1 ? <p className="font-semibold">{say.richest(best.speedsKmh.length, best.real)}</p> : null}
    </Part>
  );
}
