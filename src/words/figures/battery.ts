/** Words of the pack and its gauge. */
import { YES_NO, type FigureWords } from "./words";

export const BATTERY_WORDS = {
  chargerV: { label: "Charger’s label", hint: "Its end voltage tells the cells in series." },
  parallel: { label: "Cells in parallel" },
  cellKind: {
    label: "Cell",
    options: { "18650": "18 × 65 mm", "21700": "21 × 70 mm", prismatic: "Prismatic", other: "Other" },
  },
  cellMilliohm: { label: "Resistance of one cell with its links" },
  aged: { label: "Aged pack", hint: "Aged cells have about twice the resistance.", options: YES_NO },
  temperatureC: { label: "Temperature" },
  bars: { label: "Bars on the gauge" },
  typicalA: { label: "Current while riding", hint: "What the gauge is read under." },
} as const satisfies Readonly<Record<string, FigureWords>>;
