/** What a visit's sheet says to bear in mind: of its lines as they were left, and of the visit as it stands. */
import { cautionsOf, type LineCaution } from "../sheet/cautions";
import type { OwnersFacts } from "./ownersFacts";
import type { Paper, PaperCell } from "./paper";

export type SheetCaution =
  LineCaution | "stand-clear" | "brake-cut-off" | "throttle-live" | "class-changed" | "copy-goes-along";

const valueOf = (cell: PaperCell) => (cell.kind === "value" ? cell.value : null);

const LINE_CAUTIONS: readonly LineCaution[] = ["more-speed", "more-current", "volts", "lock"];

/**
 * Cautions of a sheet, those of its lines first. What was read back is held against what was found; a line nobody read
 * back is held by what is planned for it.
 */
export function sheetCautions({ workings, lines }: Paper, owners: OwnersFacts): readonly SheetCaution[] {
  const bitten = new Set(
    lines.flatMap(({ found, left, planned }) =>
      cautionsOf({ inForce: valueOf(found), target: valueOf(left) ?? valueOf(planned) }),
    ),
  );
  const due = workings.checks.filter(({ check, verdict }) => check.needed && verdict !== "passed");
  const others: readonly (readonly [SheetCaution, boolean])[] = [
    ["stand-clear", due.length > 0],
    ["brake-cut-off", due.some(({ check }) => check.id === "brake-cut-off")],
    ["throttle-live", owners.throttleLive],
    ["class-changed", bitten.has("more-speed") || workings.choice?.rule.publicRoad === false],
    ["copy-goes-along", true],
  ];
  return [
    ...LINE_CAUTIONS.filter((caution) => bitten.has(caution)),
    ...others.flatMap(([caution, bites]) => (bites ? [caution] : [])),
  ];
}
