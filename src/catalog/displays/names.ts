/** The shipped displays by name, without their descriptions: enough to choose one; the description is loaded then. */
import type { DisplayProfile } from "@/core/display";

export interface DisplayName {
  readonly id: string;
  readonly name: string;
  readonly variant: string;
}

export const SHIPPED_NAMES: readonly DisplayName[] = [
  { id: "tarn-18", name: "Tarn", variant: "18 lines, firmware mark 3b" },
  { id: "skerry-words", name: "Skerry", variant: "word menu in five groups, no line numbers" },
  { id: "bracken-2", name: "Bracken", variant: "two keys, access code, mark r2" },
  { id: "ostler-14", name: "Ostler", variant: "14 lines in hundreds" },
  { id: "pinfold-q", name: "Pinfold", variant: "mark 11, own-battery list" },
  { id: "windrow-pod", name: "Windrow", variant: "pod with five-way stick" },
  { id: "quillon-3", name: "Quillon", variant: "three banks, stop at the ends" },
  { id: "lathe-60", name: "Lathe", variant: "60 lines, one ring" },
  { id: "marram-m", name: "Marram", variant: "build M7, five pages" },
];

/** The description of a shipped display, or null. */
export const loadShipped = async (id: string): Promise<DisplayProfile | null> =>
  (await import(".")).SHIPPED_DISPLAYS.find((profile) => profile.id === id) ?? null;
