/** How one level stands out among many: the one in hand in front and strong, the rest pale behind it. */
import type { Series } from "./LineChart";

export const levelLine = (inHand: boolean): Pick<Series, "colour" | "stands"> =>
  inHand ? { colour: "--action", stands: "front" } : { colour: "--spoke", stands: "pale" };
