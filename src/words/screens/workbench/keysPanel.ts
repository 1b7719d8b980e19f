// The words of screens/workbench/KeysPanel.
import { count } from "../../speak";

export const inShort = "In short";
export const keysLeversThrottle = "Keys, levers and throttle";
export const takeOut = "Take out";
export const rulesPressIt = (used: number) => `${count(used, "rule")} below ${used === 1 ? "presses" : "press"} it.`;
export const oneKeyMore = "One key more";
export const whatTheKeysDo = "What the keys do";
export const oneRuleEach = "One rule a row, screen by screen. Changing one changes no other.";
export const ruleOf = (at: number) => `Rule ${at + 1}`;
export const oneRuleMore = "One rule more";
export const changeIt = "Change";
export const close = "Close";
export const notSaid = {
  "walk-assist":
    "Nobody has said which key moves the bike. With the wheel up, hold each key at home for three " +
    "seconds; one that starts the motor is missed by a finger one day.",
  restore:
    "Nobody has said which keys put the maker’s values back. The leaflet may; do not try them out before " +
    "every line is written down.",
} as const;
export const sayWhich = { "walk-assist": "Say which key", restore: "Say which keys" } as const;
