/**
 * A column of the sheet: a raw value per line, and what follows from all of them together. A column has a life: what
 * was found on the display, what is proposed for it, the target (fixed when the plan is sealed), what is in force as
 * far as anybody knows, what was read back, what it left with. `tried` is a what-if that is kept nowhere. What class
 * and hazards say of a column is worked out once, when it is first asked.
 */
import type { AppliedCap } from "../law";
import { appliedCap, type Raws } from "../applied/applied";
import { findingsOn, type Judged, type SheetFinding } from "./findings";

export type ColumnName = "found" | "proposed" | "target" | "in-force" | "read-back" | "left" | "tried";

export interface Column<Name extends ColumnName = ColumnName> {
  readonly name: Name;
  /** Raw values in menu order; null where nobody knows. */
  readonly raws: Raws;
  readonly findings: readonly SheetFinding[];
  /** Where assist really ends with these values. */
  readonly cap: AppliedCap;
}

const once = <Value>(work: () => Value): (() => Value) => {
  let kept: { readonly value: Value } | null = null;
  return () => (kept ??= { value: work() }).value;
};

/** A column of values on a display, judged by bike and class. The values are copied: nobody moves them afterwards. */
export function columnOf<Name extends ColumnName>(name: Name, raws: Raws, on: Judged): Column<Name> {
  const kept = Object.freeze([...raws]);
  const findings = once(() => findingsOn(on, kept));
  const cap = once(() => appliedCap(on.profile, kept, on.bike));
  return {
    name,
    raws: kept,
    get findings() {
      return findings();
    },
    get cap() {
      return cap();
    },
  };
}
