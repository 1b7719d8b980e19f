/**
 * Checks a display profile for what a schema cannot say: that every line can be reached, changed and saved, that what
 * it shows is told apart, that values lie in their setting's domain, and that no gesture stands in another's way.
 */
import { rawValues, shows } from "./encoding";
import { faultsOf, type EncodingFault } from "./encodings/faults";
import { actsAtOnce, blinksSomewhere, savesIdle, savesTogether } from "./machine/manners";
import type { DisplayProfile, KeyRule, Line } from "./profile";

export type ProfileProblemKey =
  | "profile.schema"
  | "profile.duplicate-key"
  | "profile.unknown-key"
  | "profile.rules-collide"
  | "profile.no-way-in"
  | "profile.no-way-to-save"
  | "profile.no-way-on"
  | "profile.no-way-to-change"
  | "profile.no-way-to-confirm"
  | "profile.no-power-cycle"
  | "profile.duplicate-page"
  | "profile.unknown-page"
  | "profile.page-unreachable"
  | "profile.unknown-line"
  | "profile.line-unreachable"
  | "profile.line-listed-twice"
  | "profile.unknown-info-line"
  | "profile.duplicate-code"
  | "profile.default-not-in-range"
  | "profile.ambiguous-value"
  | "profile.empty-range"
  | "profile.value-not-in-domain"
  | EncodingFault["key"];

export interface ProfileProblem {
  /** Where in the profile, as a dotted path: "lines.3.factoryRaw". */
  readonly path: string;
  readonly key: ProfileProblemKey;
  /** The offending thing, and for schema problems what would be accepted. */
  readonly detail: string;
}

/** Everything wrong with a profile that fits the schema; empty when it can be used. */
export function checkProfile(profile: DisplayProfile): readonly ProfileProblem[] {
  return [...checkKeys(profile), ...checkPages(profile), ...checkWays(profile), ...checkLines(profile)];
}

type Report = (path: string, key: ProfileProblemKey, detail: string) => void;

function reported(run: (report: Report) => void): ProfileProblem[] {
  const problems: ProfileProblem[] = [];
  run((path, key, detail) => problems.push({ path, key, detail }));
  return problems;
}

const meet = <T>(a: readonly T[] | null, b: readonly T[] | null): boolean =>
  a === null || b === null || a.some((each) => b.includes(each));
const agree = <T>(a: T | null, b: T | null): boolean => a === null || b === null || a === b;

/** One only early, the other only later than that. */
const areApart = (early: KeyRule["sincePowerOn"], late: KeyRule["sincePowerOn"]): boolean =>
  early?.kind === "within" && late?.kind === "after" && early.ms <= late.ms;

/** Whether two rules can be up for the same keys at the same moment. */
function canMeet(a: KeyRule, b: KeyRule): boolean {
  const apart = areApart(a.sincePowerOn, b.sincePowerOn) || areApart(b.sincePowerOn, a.sincePowerOn);
  return (
    a.on === b.on && meet(a.pages, b.pages) && agree(a.editing, b.editing) && agree(a.infoLine, b.infoLine) && !apart
  );
}

const repeats = ({ does }: KeyRule): boolean => does.kind === "step-value" && does.repeat !== null;

function checkKeys({ keys, rules, infoLines }: DisplayProfile): ProfileProblem[] {
  return reported((report) => {
    const ids = keys.map((key) => key.id);
    keys.forEach((key, i) => {
      if (ids.indexOf(key.id) !== i) report(`keys.${i}.id`, "profile.duplicate-key", key.id);
    });
    const place = (rule: KeyRule) => `${rule.on} ${[...rule.keys].sort().join("+")}`;
    rules.forEach((rule, i) => {
      const { gesture } = rule;
      const others = gesture.kind === "keep-holding" ? gesture.released : [];
      for (const id of [...rule.keys, ...others])
        if (!ids.includes(id)) report(`rules.${i}.keys`, "profile.unknown-key", id);
      if (rule.infoLine !== null && !infoLines.includes(rule.infoLine))
        report(`rules.${i}.infoLine`, "profile.unknown-info-line", rule.infoLine);
      const rivals = rules.slice(0, i).filter((other) => place(other) === place(rule) && canMeet(other, rule));
      const collides = rivals.some(
        (other) =>
          other.gesture.kind === rule.gesture.kind ||
          (repeats(other) && rule.gesture.kind === "hold") ||
          (repeats(rule) && other.gesture.kind === "hold"),
      );
      if (collides) report(`rules.${i}`, "profile.rules-collide", place(rule));
    });
  });
}

function checkPages({ menu, rules, lines }: DisplayProfile): ProfileProblem[] {
  return reported((report) => {
    const ids = menu.pages.map((page) => page.id);
    const codes = lines.map((line) => line.code);
    const listed: string[] = [];
    menu.pages.forEach((page, i) => {
      if (ids.indexOf(page.id) !== i) report(`menu.pages.${i}.id`, "profile.duplicate-page", page.id);
      page.entries.forEach((entry, j) => {
        const path = `menu.pages.${i}.entries.${j}`;
        if (entry.kind === "page" && !ids.includes(entry.page)) report(path, "profile.unknown-page", entry.page);
        if (entry.kind !== "line") return;
        if (!codes.includes(entry.line)) report(path, "profile.unknown-line", entry.line);
        if (listed.includes(entry.line)) report(path, "profile.line-listed-twice", entry.line);
        listed.push(entry.line);
      });
    });
    rules.forEach((rule, i) => {
      if (rule.does.kind === "open-page" && !ids.includes(rule.does.page))
        report(`rules.${i}.does.page`, "profile.unknown-page", rule.does.page);
      if (rule.does.kind === "set-value") {
        const { line: code, raw } = rule.does;
        const set = lines.find((line) => line.code === code);
        if (!set) report(`rules.${i}.does.line`, "profile.unknown-line", code);
        else if (!rawValues(set.encoding).includes(raw))
          report(`rules.${i}.does.raw`, "profile.default-not-in-range", String(raw));
      }
      for (const id of rule.pages ?? []) if (!ids.includes(id)) report(`rules.${i}.pages`, "profile.unknown-page", id);
    });
    const opened = new Set(rules.flatMap((rule) => (rule.does.kind === "open-page" ? [rule.does.page] : [])));
    for (let grew = true; grew;) {
      grew = false;
      for (const page of menu.pages)
        if (opened.has(page.id))
          for (const entry of page.entries)
            if (entry.kind === "page" && !opened.has(entry.page)) {
              opened.add(entry.page);
              grew = true;
            }
    }
    menu.pages.forEach((page, i) => {
      if (!opened.has(page.id)) report(`menu.pages.${i}`, "profile.page-unreachable", page.id);
    });
    lines.forEach((line, i) => {
      if (
        !listed.includes(line.code) &&
        !rules.some(({ does }) => does.kind === "set-value" && does.line === line.code)
      )
        report(`lines.${i}`, "profile.line-unreachable", line.code);
      for (const condition of [...(line.shownWhen ?? []), ...(line.mattersWhen ?? [])])
        if (!codes.includes(condition.line) || condition.line === line.code)
          report(`lines.${i}`, "profile.unknown-line", condition.line);
    });
  });
}

function checkWays(profile: DisplayProfile): ProfileProblem[] {
  return reported((report) => {
    const { menu, rules } = profile;
    const has = (on: KeyRule["on"], kind: KeyRule["does"]["kind"]) =>
      rules.some((rule) => rule.on === on && rule.does.kind === kind);
    const exits =
      menu.pages.some((page) => page.entries.some((entry) => entry.kind === "exit" && entry.saves)) &&
      has("menu", "select");
    if (!rules.some((rule) => (rule.on === "home" || rule.on === "off") && rule.does.kind === "open-page"))
      report("rules", "profile.no-way-in", "no rule on the home screen opens the menu");
    if (
      savesTogether(profile) &&
      !has("menu", "save-and-leave") &&
      !has("menu", "back") &&
      !exits &&
      !savesIdle(profile)
    )
      report("rules", "profile.no-way-to-save", "no rule saves, and the menu discards when it closes");
    if (
      menu.pages.some((page) => page.entries.length > 1) &&
      !has("menu", "next-entry") &&
      !has("menu", "previous-entry")
    )
      report("rules", "profile.no-way-on", "no rule goes to the next line");
    if (menu.pages.some((page) => page.entries.some((entry) => entry.kind === "page")) && !has("menu", "select"))
      report("rules", "profile.no-way-on", "no rule goes into a page");
    if (!has("menu", "step-value") && !has("menu", "step-digit"))
      report("rules", "profile.no-way-to-change", "no rule changes a value");
    if (
      blinksSomewhere(profile) &&
      !(has("menu", "select") && (has("menu", "confirm-value") || has("menu", "save-and-leave")))
    )
      report("rules", "profile.no-way-to-confirm", "a value blinks, but no rules begin and confirm the change");
    if (!actsAtOnce(profile) && !(has("home", "power-off") && has("off", "power-on")))
      report("rules", "profile.no-power-cycle", "values take force after a power cycle, but no keys switch off and on");
  });
}

function checkLines(profile: DisplayProfile): ProfileProblem[] {
  return reported((report) => {
    const codes = profile.lines.map((line) => line.code);
    profile.lines.forEach((line, i) => {
      const path = `lines.${i}`;
      const { encoding } = line;
      if (codes.indexOf(line.code) !== i) report(`${path}.code`, "profile.duplicate-code", line.code);
      for (const bad of faultsOf(encoding).strangers(encoding))
        report(`${path}.encoding`, "profile.value-not-in-domain", bad);
      if (encoding.kind === "read-only") return;
      const raws = rawValues(encoding);
      if (raws.length === 0) report(`${path}.encoding`, "profile.empty-range", line.code);
      else if (line.factoryRaw !== null && !raws.includes(line.factoryRaw))
        report(`${path}.factoryRaw`, "profile.default-not-in-range", String(line.factoryRaw));
      const twice = shownTwice(line);
      if (twice !== null) report(`${path}.encoding`, "profile.ambiguous-value", twice);
      for (const { field, key, detail } of faultsOf(encoding).faults(encoding))
        report(`${path}.encoding.${field}`, key, detail);
    });
  });
}

/** What a line shows for two raw values at once, or null where everything is told apart. */
export function shownTwice({ encoding }: Line): string | null {
  const raws = rawValues(encoding);
  const seen = new Set<string>();
  for (const raw of raws) {
    const text = shows(encoding, raw);
    if (seen.has(text)) return text;
    seen.add(text);
  }
  return new Set(raws).size < raws.length ? "the same raw value twice" : null;
}
