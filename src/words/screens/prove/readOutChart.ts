// The words of screens/prove/ReadOutChart.
import { fixed } from "../../speak";

export const asPlanned = "as planned";
export const asFound = "as found";
export const classLimitTrue = "class limit, true";
export const whatItShowsAt = "What it shows at what speed";
export const readOutChartTrue = (name: string) => `true ${name}`;
export const readOutChartShown = (name: string) => `shown ${name}`;
export const shownSpeedAgainstTrue = (nominal: number, tellAt: number, name: string) =>
  `Shown speed against true speed. As planned it shows ${fixed(nominal * tellAt)} at a true ${tellAt} ${name}.`;
export const theSameAsA = "The same as a table";
export const shownSpeedAgainstTrueSpeed = "Shown speed against true speed";
export const readOutChartTrue2 = (name: string) => `True ${name}`;
export const asFoundShows = "As found shows";
export const asPlannedShows = "As planned shows";
