// The words of screens/numbers/SizeSources.
import { offBy, plain } from "../../speak";

export const whereTheSizeComes = "Where the size comes from";
export const source = "Source";
export const rollout = "Rollout";
export const mayBeOffBy = "May be off by";
export const againstTheBest = "Against the best";
export const use = "Use";
export const sizeSourcesMm = (mm: number, uncertaintyMm: number) => `= ${plain(mm, 1)} mm ±${plain(uncertaintyMm, 1)}`;
export const sizeSourcesMm2 = (mm: number) => `${plain(mm, 0)} mm`;
export const sizeSourcesMm3 = (uncertaintyMm: number) => `±${plain(uncertaintyMm, 0)} mm`;
export const sizeSourcesDisagrees = (off: number) => `${offBy(1 + off)}, disagrees`;
export const inUse = "in use";
export const takeIt = "Take it";
