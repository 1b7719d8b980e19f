/**
 * The one step a battery hazard blocks, and none but that: what would feed a pack to a part that does not take it, or
 * pull on a pack that would be run flat.
 */
import type { SheetFinding, SheetMessage } from "../sheet";

/** Steps in which a pack can be hurt: connecting it for the keys, and a full pull on it. */
export type PackStep = "connect" | "full-pull";

const BLOCKS: Readonly<Record<PackStep, readonly SheetMessage["key"][]>> = {
  connect: ["hazard.pack-not-taken"],
  "full-pull": ["hazard.pack-not-taken", "hazard.cut-off-too-low", "hazard.nominal-too-low"],
};

/** The finding that blocks a step, as the display stands; null where none does. */
export const blockedBy = (step: PackStep, findings: readonly SheetFinding[] | undefined): SheetFinding | null =>
  findings?.find(({ message }) => BLOCKS[step].includes(message.key)) ?? null;
