/** The rider's own keys, put into words of any language. */
import type { DisplayProfile, KeyRule } from "@/core/display";
import { OWNERS_DEEDS, type OwnersDeed, type PaperWords } from "./paperWords";

const ownersDeed = (kind: KeyRule["does"]["kind"]): OwnersDeed | null =>
  OWNERS_DEEDS.find((each) => each === kind) ?? null;

interface OwnersKey {
  readonly rule: KeyRule;
  /** "held 2 s: switches on, wheel still". */
  readonly words: string;
}

/** Every key the rider needs, in the order of the display's rules. */
export function ownersKeys({ rules }: DisplayProfile, words: PaperWords): readonly OwnersKey[] {
  return rules.flatMap((rule) => {
    const deed = ownersDeed(rule.does.kind);
    if (deed === null || (rule.on !== "home" && rule.on !== "off")) return [];
    const way =
      "by" in rule.does && rule.does.kind !== "step-value" ? ` ${rule.does.by === 1 ? words.up : words.down}` : "";
    const conditions = [
      rule.infoLine ? words.whileItShows(rule.infoLine) : null,
      rule.sincePowerOn
        ? words[rule.sincePowerOn.kind === "within" ? "within" : "laterThan"](rule.sincePowerOn.ms / 1000)
        : null,
      rule.wheelStill ? words.wheelStill : null,
    ].filter((each) => each !== null);
    return [{ rule, words: [`${gestureSaid(rule, words)}: ${words.deeds[deed]}${way}`, ...conditions].join(", ") }];
  });
}

function gestureSaid({ gesture }: KeyRule, words: PaperWords): string {
  switch (gesture.kind) {
    case "hold":
    case "keep-holding":
      return words.held(gesture.holdMs / 1000);
    case "double-tap":
      return words.tappedTwice;
    case "tap":
      return words.tapped;
  }
}
