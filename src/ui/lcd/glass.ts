/** What both kinds of glass show, and how they write it. */
import type { View } from "@/core/display";
import type { RigReadings } from "@/core/rig";
import { fixed } from "@/words";

export interface LcdProps {
  readonly view: View;
  readonly levels: number;
  readonly unit: string;
  /** What the rig behind it gives; null where the display stands on its own. */
  readonly readings: RigReadings | null;
}

export type HomeView = Extract<View, { kind: "home" }>;
/** Views of the menu: a line, an entry, a code to enter, a question. */
export type MenuView = Extract<View, { kind: "line" | "entry" | "code" | "confirm" }>;

export const isOfMenu = (view: View): view is MenuView =>
  view.kind === "line" || view.kind === "entry" || view.kind === "code" || view.kind === "confirm";

export const speedOf = (readings: RigReadings | null): string => fixed(readings?.shownSpeed ?? 0, 1);
export const gaugeText = (readings: RigReadings | null): string | null =>
  readings?.gauge.kind === "volts"
    ? `${fixed(readings.gauge.volts, 1)} V`
    : readings
      ? `${fixed(readings.gauge.share * 100, 0)} %`
      : null;
export const gaugeBars = (readings: RigReadings | null): number => readings?.bars ?? 4;

/** Whether a text can be written in seven segments; letters take the fourteen-segment face. */
export const isDigits = (text: string): boolean => /^[\d.\-+ =]*$/.test(text);
export const SEGMENT_LETTERS = "var(--font-segment14)";

/** How much smaller a text is set so that it stays on the glass: 1 up to `fits` letters. */
export const shrunk = (text: string, fits: number): string =>
  `${Math.min(1, fits / Math.max(text.length, 1)).toFixed(3)}em`;
