/** The product's position on the lines of the pack: the volts it has, and a cut-off that spares it. */
import { decoded } from "../applied";
import { cutOffFloor } from "../battery";
import { contextOf, encodeLine, lineSetting, stepOf, type DisplayProfile } from "../display";
import type { Bike } from "../facts";
import { keep, type Positions, type ProposalContext } from "./context";
import type { Reason } from "./reason";

/** A cut-off up to this much above the advised one spares the pack and is left alone, V. Common practice, no source. */
const SPARING_V = 1;

/** Step of a line in volts that does not say its own, V. */
const USUAL_STEP_V = 0.5;

/** Step of the line that holds a setting in volts, V. */
export function stepInVolts(profile: DisplayProfile | null, setting: "cutOffV" | "bar1V"): number {
  const line = profile && lineSetting(profile, setting);
  return (line && stepOf(line.encoding)) ?? USUAL_STEP_V;
}

/** Cells in series a pack is spared by: where practice knows two counts, what spares the larger spares the smaller. */
export const sparedSeries = ({ seriesOptions }: Bike): number | null => seriesOptions.at(-1) ?? null;

/** Whether a cut-off that spares the pack as found could not be held any more with the nominal volts set right. */
function losesCutOff({ profile, bike, asFound }: ProposalContext, nominalV: number): boolean {
  const series = sparedSeries(bike);
  const line = lineSetting(profile, "cutOffV");
  const foundV = decoded(profile, asFound, "cutOffV");
  if (series === null || !line || foundV === null) return false;
  const { leastV } = cutOffFloor(series, bike.chemistry, stepInVolts(profile, "cutOffV"));
  const column = { ...contextOf(profile, asFound), nominalV };
  return foundV >= leastV && !encodeLine(line.encoding, leastV, false, column).ok;
}

export const BATTERY_POSITIONS: Positions = {
  // Read as it will stand: a step around a default moves with the nominal volts, which are decided before.
  cutOffV: ({ profile, bike }, others) => {
    const series = sparedSeries(bike);
    if (series === null) return keep({ key: "reason.no-fact", needs: "pack" });
    const { advisedV, leastV } = cutOffFloor(series, bike.chemistry, stepInVolts(profile, "cutOffV"));
    const foundV = decoded(profile, others, "cutOffV");
    const reason: Reason = {
      key: "reason.cut-off",
      series,
      options: bike.seriesOptions,
      perCellV: advisedV / series,
      advisedV,
      chemistry: bike.chemistry,
    };
    return foundV !== null && foundV >= advisedV && foundV <= advisedV + SPARING_V
      ? keep(reason)
      : { value: advisedV, otherwise: leastV, reason };
  },
  nominalV: (context) => {
    const { packV, series } = context.bike;
    if (packV === null) return keep({ key: "reason.no-fact", needs: "pack" });
    return losesCutOff(context, packV)
      ? keep({ key: "reason.cut-off-first", packV })
      : { value: packV, reason: { key: "reason.nominal", packV, series } };
  },
  packChemistry: ({ profile, bike: { chemistry, chemistrySaid }, asFound }) => {
    if (decoded(profile, asFound, "packChemistry") === "own") return keep({ key: "reason.own-preset", of: "pack" });
    return chemistrySaid
      ? { value: chemistry, reason: { key: "reason.chemistry", chemistry } }
      : keep({ key: "reason.no-fact", needs: "chemistry" });
  },
};
