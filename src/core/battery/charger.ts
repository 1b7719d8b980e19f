/** What a charger’s label tells of the pack it is for. */
import { figuresOf, type Chemistry } from "./chemistry";

/** A charger's label may be rounded by this much, V. */
const CHARGER_SLACK_V = 0.5;

/** Cells in series a charger's end voltage stands for, or null where it is no whole number of cells. */
export function seriesFromCharger(chargerV: number, chemistry: Chemistry): number | null {
  const { chargeV } = figuresOf(chemistry);
  const cells = Math.round(chargerV / chargeV);
  return cells > 0 && Math.abs(cells * chargeV - chargerV) <= CHARGER_SLACK_V ? cells : null;
}
