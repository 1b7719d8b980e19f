/**
 * Checks a display profile for what a schema cannot say: that every line can be reached, changed
 * and saved, that what it shows is told apart, and that no gesture stands in another's way.
 */
import { rawValues, shows } from "./encoding";
import { linesOf, type DisplayProfile, type KeyRule } from "./profile";

export interface ProfileProblem {
  /** Where in the profile, as a dotted path: "menu.lines.3.factoryRaw". */
  readonly path: string;
  readonly key:
    | "profile.schema"
    | "profile.duplicate-key"
    | "profile.unknown-key"
    | "profile.rules-collide"
    | "profile.no-way-in"
    | "profile.no-way-to-save"
    | "profile.no-way-on"
    | "profile.no-power-cycle"
    | "profile.duplicate-code"
    | "profile.default-not-in-range"
    | "profile.ambiguous-value"
    | "profile.empty-range"
    | "profile.uncapped-inside-range";
  /** The offending thing, and for schema problems what would be accepted. */
  readonly detail: string;
}

/** Everything wrong with a profile that fits the schema; empty when it can be used. */
export function checkProfile(profile: DisplayProfile): readonly ProfileProblem[] {
  return [...checkKeys(profile), ...checkWays(profile), ...checkLines(profile)];
}

function checkKeys({ keys, rules }: DisplayProfile): ProfileProblem[] {
  const problems: ProfileProblem[] = [];
  const ids = keys.map((key) => key.id);
  keys.forEach((key, i) => {
    if (ids.indexOf(key.id) !== i) problems.push({ path: `keys.${i}.id`, key: "profile.duplicate-key", detail: key.id });
  });
  const place = (rule: KeyRule) => `${rule.on} ${[...rule.keys].sort().join("+")}`;
  rules.forEach((rule, i) => {
    for (const id of rule.keys) if (!ids.includes(id)) problems.push({ path: `rules.${i}.keys`, key: "profile.unknown-key", detail: id });
    const repeats = (r: KeyRule) => r.does.kind === "step-value" && r.does.repeat !== null;
    const rivals = rules.slice(0, i).filter((other) => place(other) === place(rule));
    const collides = rivals.some((other) => other.gesture.kind === rule.gesture.kind || (repeats(other) && rule.gesture.kind === "hold") || (repeats(rule) && other.gesture.kind === "hold"));
    if (collides) problems.push({ path: `rules.${i}`, key: "profile.rules-collide", detail: place(rule) });
  });
  return problems;
}

function checkWays(profile: DisplayProfile): ProfileProblem[] {
  const problems: ProfileProblem[] = [];
  const has = (on: KeyRule["on"], kind: KeyRule["does"]["kind"]) => profile.rules.some((rule) => rule.on === on && rule.does.kind === kind);
  if (!has("home", "open-menu")) problems.push({ path: "rules", key: "profile.no-way-in", detail: "no rule on the home screen opens the menu" });
  if (!has("menu", "save-and-leave") && profile.menu.idle.pending !== "save")
    problems.push({ path: "rules", key: "profile.no-way-to-save", detail: "no rule saves, and the menu discards when it closes" });
  if (linesOf(profile).length > 1 && !has("menu", "next-line")) problems.push({ path: "rules", key: "profile.no-way-on", detail: "no rule goes to the next line" });
  if (profile.inForce === "after-power-cycle" && !(has("home", "power-off") && has("off", "power-on")))
    problems.push({ path: "rules", key: "profile.no-power-cycle", detail: "values take force after a power cycle, but no keys switch off and on" });
  return problems;
}

function checkLines(profile: DisplayProfile): ProfileProblem[] {
  const problems: ProfileProblem[] = [];
  const codes = linesOf(profile).map((line) => line.code);
  linesOf(profile).forEach((line, i) => {
    const path = `menu.lines.${i}`;
    const { encoding } = line;
    if (codes.indexOf(line.code) !== i) problems.push({ path: `${path}.code`, key: "profile.duplicate-code", detail: line.code });
    if (encoding.kind === "read-only") return;
    const raws = rawValues(encoding);
    if (raws.length === 0) problems.push({ path: `${path}.encoding`, key: "profile.empty-range", detail: line.code });
    else if (!raws.includes(line.factoryRaw)) problems.push({ path: `${path}.factoryRaw`, key: "profile.default-not-in-range", detail: String(line.factoryRaw) });
    const seen = raws.map((raw) => shows(encoding, raw));
    const twice = seen.find((text, j) => seen.indexOf(text) !== j) ?? (new Set(raws).size < raws.length ? "the same raw value twice" : undefined);
    if (twice !== undefined) problems.push({ path: `${path}.encoding`, key: "profile.ambiguous-value", detail: twice });
    if (encoding.kind === "speed-cap" && encoding.uncappedRaw !== null && encoding.uncappedRaw !== encoding.rawMin && encoding.uncappedRaw !== encoding.rawMax)
      problems.push({ path: `${path}.encoding.uncappedRaw`, key: "profile.uncapped-inside-range", detail: String(encoding.uncappedRaw) });
  });
  return problems;
}
