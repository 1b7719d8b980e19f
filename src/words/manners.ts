/** One word for one thing: the manners of a menu. A way of saving without words does not compile. */
import type { DisplayProfile } from "@/core/display";

interface WayOfSavingWords {
  /** As one chooses it. */
  readonly choice: string;
  /** As a part of a sentence about the display. */
  readonly inASentence: string;
}

export const WAYS_OF_SAVING: Readonly<Record<DisplayProfile["menu"]["saves"], WayOfSavingWords>> = {
  "leaving-menu": { choice: "On leaving", inASentence: "changes are kept together on leaving" },
  "leaving-line": { choice: "Line by line", inASentence: "a change is kept when its line is left" },
  "each-change": { choice: "At once", inASentence: "each change is kept at once" },
};
