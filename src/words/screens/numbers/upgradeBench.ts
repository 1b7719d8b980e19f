// The words of screens/numbers/UpgradeBench.
import * as caution from "../../cautions";
import type { Fit } from "@/core/record";
import { count, dayAndTime, plain } from "../../speak";

export const newParts = "Parts not yet bought";
export const hint = "Type only what would change. Nothing of the bike changes until you say it is fitted.";
export const fit = "Does it fit";
export const whatMustFit = "What must fit";
export const money = "Cost and gain";
export const whatItComesTo = "What it comes to";
export const itComesTo = "It comes to";
export const now = "Now";
export const asIs = "Fitted, lines as they are";
export const carriedAsIs = "Fitted, values carried over";
export const carried = "What is carried over";
export const loading = "Reading its description …";
export const planned = "Fitted and planned";
export const typeOne = "Type what would change: a tyre, pack, controller or motor; or choose another display.";
export const findingsAsIs = "With no line changed";
export const findingsCarried = "With what is carried over, and the maker’s values";
export const findingsPlanned = "Planned anew";
export const noFinding = "nothing speaks against it";
const bears = (part: string, { asks, has }: Fit): string =>
  `${part} bears the controller’s ${asks === null ? "amps" : `${plain(asks)} A`}` +
  (has === null ? "" : `: ${plain(has)} A`);
const FITS: Readonly<Record<Fit["key"], (fit: Fit) => string>> = {
  plug: () => "Plugs and leads",
  protocol: () => "Display and controller understand each other",
  "controller-volts": ({ asks }) => `Controller takes ${asks === null ? "these volts" : `${plain(asks)} V`}`,
  "display-volts": ({ asks }) => `Display takes ${asks === null ? "these volts" : `${plain(asks)} V`}`,
  bms: (fit) => bears("BMS", fit),
  motor: (fit) => bears("Motor, for the time of a hill,", fit),
  connector: (fit) => bears("Connector", fit),
  wire: (fit) => bears("Thinnest wire", fit),
};
export const fitText = (each: Fit) => FITS[each.key](each);
export const fitWord = (fits: boolean | null) => (fits === null ? "not known: look" : fits ? "fits" : "does not fit");
export const stale = (checks: readonly string[]) =>
  checks.length === 0
    ? "No answered check rests on it."
    : `Due again once it is fitted: ${checks.join(", ").toLowerCase()}.`;
export const asksMore = `${caution.moreSpeed} ${caution.moreCurrent}`;
export const warranty = `Another motor, pack or controller may change the class: ask first. ${caution.classChanged}`;
export function fitted(n: number, display: string | null): string {
  const onIt = display === null ? [] : [`${display} on the bike`];
  const facts = n === 0 ? [] : [`change ${count(n, "fact")} of the bike`];
  return `It is fitted: ${[...onIt, ...facts].join(", ")}`;
}
export const done = "Fitted. The plan and the checks follow.";
export const undone = "fitted a part";
export const changed = (label: string, from: string, to: string) => `${label} ${from || "not said"} → ${to}`;
export const log = "Parts changed on this bike";
export const logged = (at: string, detail: string) => `${dayAndTime(at)}: ${detail}`;
export const sideBySide = "Now, fitted, and planned, side by side";
