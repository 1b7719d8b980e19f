/** The owner's card in English. */
import { DEED_WORDS } from "../deedNames";
import { plain, secondsSaid, speed } from "../speak";
import type { OwnersWords } from "./ownersWords";

export const ENGLISH: OwnersWords = {
  language: "en",
  title: "Owner’s card",
  stamps: {
    "planned-not-set": "Planned, not set",
    "under-way": "Keys under way, not all set",
    "not-read-back": "Set, as told; not read back",
    "partly-read-back": "Not all read back",
    "read-back": null,
  },
  newBike: "New bike",
  noClass: "no class",
  facts: { cap: "Assist ends at", levels: "Levels", throttle: "Throttle", cutOff: "Battery cuts off at" },
  speed,
  cap: (trueSpeed, shown) => `${trueSpeed} true, ${shown} set`,
  uncapped: "no cap",
  measured: "measured, see the workshop sheet",
  levels: (most, startsIn) =>
    `0 to ${most}, starts in ${startsIn === "last-used" ? "the one last used" : `level ${startsIn}`}`,
  throttle: { off: "off", "follows-level": "follows level", full: "always full" },
  noThrottle: "none fitted",
  cutOff: (volts) => `${plain(volts)} V. Charge well before.`,
  notSet: (value) => `${value} · planned, not set`,
  notReadBack: (value) => `${value} · planned, not read back`,
  elsewhere: "see the workshop sheet",
  keys: "Your keys",
  deeds: DEED_WORDS,
  up: "up",
  down: "down",
  tapped: "tapped",
  tappedTwice: "tapped twice",
  held: (seconds) => `held ${secondsSaid(seconds)} s`,
  whileItShows: (infoLine) => `while it shows ${infoLine}`,
  within: (seconds) => `within ${secondsSaid(seconds)} s of power-on`,
  laterThan: (seconds) => `later than ${secondsSaid(seconds)} s of power-on`,
  wheelStill: "wheel still",
  whileRiding: "Never read the display while riding.",
  notForRoads: "Not for public roads.",
  heldFor: (set) =>
    `Speed, current and cut-off were ${set ? "set" : "planned"} for this tyre, motor and battery: a change of any ` +
    "of them makes these numbers stale.",
  label: "Label:",
  noLabel: "No class is named on this card: what speaks against it stands on the workshop sheet.",
  checked: "Checked against the class text, not certified.",
  notProven: "Not proven yet.",
};
