/** A fault looked for on a bike of the book: what its job knows of it, and where the case stands. */
import {
  beliefsOf,
  cannotBe,
  changedCauses,
  causeById,
  standingOf,
  likelyCauses,
  linesSay,
  type FaultCase,
  type FaultContext,
  type FaultData,
  type CaseStanding,
  type Likely,
  type Spare,
  SPARES,
  type Tool,
  TOOLS,
} from "../faults";
import type { Bike } from "../facts";
import type { Job } from "./job";
import type { SheetRow } from "../sheet";
import { workOut } from "./workings";

/** What a shop has by name: its tools, and spares known to be good. */
export function shopOf(names: readonly string[] | null): Pick<FaultContext, "tools" | "spares"> {
  if (names === null) return { tools: new Set<Tool>(TOOLS), spares: new Set<Spare>() };
  return {
    tools: new Set(TOOLS.filter((tool) => names.includes(tool))),
    spares: new Set(SPARES.filter((spare) => names.includes(spare))),
  };
}

export interface FaultBike {
  readonly bike: Bike;
  readonly rows: readonly SheetRow[];
  /** Whether it is written down how the display was found. */
  readonly hasBaseline: boolean;
}

/** What the job of a bike tells of it. */
export function faultBike(job: Job): FaultBike {
  const { bike, sheet, baseline } = workOut(job);
  return { bike, rows: sheet?.rows ?? [], hasBaseline: baseline.kind === "kept" };
}

export interface FaultPath {
  readonly standing: CaseStanding;
  readonly likely: readonly Likely[];
}

/** Where a case stands, with all that is known of its bike. */
export function faultPath(
  data: FaultData,
  each: FaultCase,
  job: Job | null,
  about: FaultBike | null,
  shop: Pick<FaultContext, "tools" | "spares" | "found">,
): FaultPath {
  const held = (about?.rows ?? []).map(({ settings, changes }) => ({
    settings,
    isAsPlanned: changes === null ? null : !changes,
  }));
  const context: FaultContext = {
    ...shop,
    cannotBe: cannotBe(data, about?.bike ?? null, job?.profile ?? null),
    lines: linesSay(data, held),
    changed: changedCauses(data, each.changed),
  };
  const beliefs = beliefsOf(data, each.signs, context, each.answers);
  return { standing: standingOf(data, context, beliefs, each.answers), likely: likelyCauses(beliefs) };
}

/** Rows of the sheet that are a cause: what each holds and what it should. */
export function rowsOfCause(data: FaultData, about: FaultBike | null, cause: string): readonly SheetRow[] {
  const settings = causeById(data, cause)?.settings ?? [];
  return (about?.rows ?? []).filter((row) => row.settings.some((setting) => settings.includes(setting)));
}
