/** The displays that ship. All are invented; a technician describes the real one. */
import type { DisplayProfile } from "@/core/display";
import { TARN } from "./tarn";

export const SHIPPED_DISPLAYS: readonly DisplayProfile[] = [TARN];
