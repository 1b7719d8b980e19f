/** What the trade knows of faults. */
import type { FaultData } from "@/core/faults/faults";
import { CAUSES } from "./causes";
import { CHECKS } from "./checks";
import { SIGNS } from "./signs";

export const FAULTS: FaultData = { causes: CAUSES, checks: CHECKS, signs: SIGNS };
