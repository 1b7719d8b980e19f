/** The displays that ship, all invented. Together they use every kind of menu and every encoding the format knows. */
import type { DisplayProfile } from "@/core/display";
import { BRACKEN } from "./bracken";
import { LATHE } from "./lathe";
import { MARRAM } from "./marram";
import { OSTLER } from "./ostler";
import { PINFOLD } from "./pinfold";
import { QUILLON } from "./quillon";
import { SKERRY } from "./skerry";
import { TARN } from "./tarn";
import { WINDROW } from "./windrow";

export const SHIPPED_DISPLAYS: readonly DisplayProfile[] = [
  TARN,
  SKERRY,
  BRACKEN,
  OSTLER,
  PINFOLD,
  WINDROW,
  QUILLON,
  LATHE,
  MARRAM,
];
