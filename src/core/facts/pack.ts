/** The pack as far as it is known: cells in series and beside each other, and what they are taken for. */
import { CELL_AH, CELL_OHM, type CellKind } from "../battery/cells";
import type { Pack } from "../battery/gauge";
import type { Bike } from "./bike";
import { numberOr, type Figures } from "./figures";
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
export function readPack(bike: Bike, figures: Figures): PackReading {
  const { chemistry, packAh, series } = bike;
  const kind = (figures.option("cellKind") ?? "18650") as CellKind;
  const saidParallel = figures.number("parallel");
  const parallel = saidParallel ?? (packAh === null ? 4 : Math.max(1, Math.round(packAh / CELL_AH[kind])));
  const milliohm = figures.number("cellMilliohm");
  return {
    pack:
      series === null
        ? null
        : {
            chemistry,
            series,
            parallel,
            cellOhm: milliohm === null ? CELL_OHM[kind] : milliohm / 1000,
            aged: figures.option("aged") === "yes",
            temperatureC: numberOr(figures, "temperatureC", 20),
          },
    seriesFrom: bike.seriesFrom,
    seriesOptions: bike.seriesOptions,
    parallelFrom: saidParallel !== null ? "said" : "guess",
    cellFrom: milliohm !== null ? "said" : "guess",
    chargerProblem: bike.chargerProblem,
  };
}
