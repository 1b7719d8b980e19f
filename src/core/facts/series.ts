/**
 * How many cells of a pack stand in series: as said, as the charger's end voltage settles it, or as is usual for its
 * volts. A charger that fits no usual pack settles nothing, and is told.
 */
import { seriesFromCharger } from "../battery/charger";
import { usualSeries, type Chemistry } from "../battery/chemistry";

/** Where a figure of the pack came from. */
export type PackOrigin = "said" | "charger" | "nominal" | "guess";

export type ChargerProblem =
  | { readonly key: "charger.no-whole-cells"; readonly chargerV: number; readonly chemistry: Chemistry }
  | {
      readonly key: "charger.other-pack";
      readonly chargerV: number;
      readonly cells: number;
      readonly packV: number;
      readonly usual: readonly number[];
    };

export interface Series {
  /** Every count it may have, fewest first; none where practice knows none. */
  readonly options: readonly number[];
  readonly from: "said" | "charger" | "nominal";
  /** Why the charger's label and the pack cannot both be right; null where they can, or nobody has read the label. */
  readonly chargerProblem: ChargerProblem | null;
}

export interface SeriesFacts {
  readonly said: number | null;
  readonly chargerV: number | null;
  readonly packV: number | null;
  readonly chemistry: Chemistry;
}

/** Cells in series, out of all that is known of them. */
export function seriesOf({ said, chargerV, packV, chemistry }: SeriesFacts): Series {
  const usual = packV === null ? [] : usualSeries(packV, chemistry);
  const byCharger = chargerV === null ? null : seriesFromCharger(chargerV, chemistry);
  const held = said === null ? usual : [said];
  const fits = byCharger !== null && (held.length === 0 || held.includes(byCharger));
  const chargerProblem: ChargerProblem | null =
    chargerV === null || fits
      ? null
      : byCharger === null || packV === null
        ? { key: "charger.no-whole-cells", chargerV, chemistry }
        : { key: "charger.other-pack", chargerV, cells: byCharger, packV, usual: held };
  if (said !== null) return { options: held, from: "said", chargerProblem };
  return fits
    ? { options: [byCharger], from: "charger", chargerProblem }
    : { options: usual, from: "nominal", chargerProblem };
}
