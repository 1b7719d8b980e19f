/** The pack as far as it is known: cells in series and beside each other, and what they are taken for. */
import { CELL_AH, CELL_OHM } from "../battery/cells";
import type { Pack } from "../battery/gauge";
import type { Bike } from "./bike";
import type { Facts } from "./everyFact";
import type { ChargerProblem, PackOrigin } from "./series";

export interface PackReading {
  readonly pack: Pack | null;
  readonly seriesFrom: PackOrigin;
  /** Every count of cells in series it may have. */
  readonly seriesOptions: readonly number[];
  readonly parallelFrom: PackOrigin;
  readonly cellFrom: PackOrigin;
  /** Why the charger's label and the pack cannot both be right; null where they can. */
  readonly chargerProblem: ChargerProblem | null;
}

/** The pack as far as it is known; null while nothing tells how many cells stand in series. */
export function readPack(bike: Bike, facts: Facts): PackReading {
  const { chemistry, packAh, series } = bike;
  const kind = facts.option("cellKind");
  const saidParallel = facts.number("parallel");
  const parallel = saidParallel ?? (packAh === null ? 4 : Math.max(1, Math.round(packAh / CELL_AH[kind])));
  const milliohm = facts.number("cellMilliohm");
  return {
    pack:
      series === null
        ? null
        : {
            chemistry,
            series,
            parallel,
            cellOhm: milliohm === null ? CELL_OHM[kind] : milliohm / 1000,
            aged: facts.option("aged") === "yes",
            temperatureC: facts.number("temperatureC"),
          },
    seriesFrom: bike.seriesFrom,
    seriesOptions: bike.seriesOptions,
    parallelFrom: saidParallel !== null ? "said" : "guess",
    cellFrom: milliohm !== null ? "said" : "guess",
    chargerProblem: bike.chargerProblem,
  };
}
