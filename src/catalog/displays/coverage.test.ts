// Together the shipped displays use every menu feature and every encoding the format knows, feature by feature.
import { describe, expect, it } from "vitest";
import {
  checkProfile,
  linesOf,
  settingsOf,
  SETTING_KEYS,
  type DisplayProfile,
  type Encoding,
  type KeyRule,
  type Line,
} from "@/core/display";
import { SHIPPED_DISPLAYS } from ".";
import { SHIPPED_NAMES } from "./names";

const rule = (test: (rule: KeyRule) => boolean) => (profile: DisplayProfile) => profile.rules.some(test);
const line = (test: (line: Line) => boolean) => (profile: DisplayProfile) => linesOf(profile).some(test);
const encoding = <K extends Encoding["kind"]>(
  kind: K,
  test: (encoding: Extract<Encoding, { kind: K }>) => boolean = () => true,
) => line((each) => each.encoding.kind === kind && test(each.encoding as Extract<Encoding, { kind: K }>));
const entry = (kind: string) => (profile: DisplayProfile) =>
  profile.menu.pages.some((page) => page.entries.some((each) => each.kind === kind));
const opensPage = (each: KeyRule) => each.does.kind === "open-page";

const FEATURES: Readonly<Record<string, (profile: DisplayProfile) => boolean>> = {
  // Getting in and out
  "hold two keys": rule((r) => opensPage(r) && r.keys.length === 2 && r.gesture.kind === "hold"),
  "hold one key": rule((r) => opensPage(r) && r.keys.length === 1 && r.gesture.kind === "hold"),
  "only soon after power-on": rule((r) => opensPage(r) && r.sincePowerOn?.kind === "within"),
  "double tap in": rule((r) => opensPage(r) && r.gesture.kind === "double-tap"),
  "second chord inside the first menu": rule((r) => opensPage(r) && r.on === "menu"),
  "access code": rule((r) => r.does.kind === "open-page" && r.does.code !== null),
  "only with the wheel still": rule((r) => r.wheelStill && opensPage(r)),
  "leave by a long hold": rule(
    (r) =>
      r.on === "menu" &&
      r.gesture.kind === "hold" &&
      r.keys.length === 1 &&
      (r.does.kind === "back" || r.does.kind === "save-and-leave"),
  ),
  "leave by the same chord": (profile) =>
    profile.rules.some(
      (r) =>
        r.on === "menu" &&
        r.does.kind === "save-and-leave" &&
        profile.rules.some((o) => opensPage(o) && o.on === "home" && o.keys.join() === r.keys.join()),
    ),
  "double tap out from anywhere": rule(
    (r) => r.gesture.kind === "double-tap" && r.does.kind === "leave-without-saving",
  ),
  "exit line that saves": (profile) =>
    profile.menu.pages.some((page) => page.entries.some((each) => each.kind === "exit" && each.saves)),
  "exit line that does not": (profile) =>
    profile.menu.pages.some((page) => page.entries.some((each) => each.kind === "exit" && !each.saves)),
  "time-out that saves": (profile) => profile.menu.idle.pending === "save",
  "time-out that throws away": (profile) => profile.menu.idle.pending === "discard",
  "near miss that moves the bike": (profile) =>
    profile.rules.some(
      (r) =>
        opensPage(r) &&
        profile.rules.some(
          (o) =>
            o.does.kind === "start-walk-assist" &&
            o.on === r.on &&
            o.keys.length < r.keys.length &&
            o.keys.every((key) => r.keys.includes(key)),
        ),
    ),
  // Moving
  "one-way ring": (profile) =>
    profile.menu.pages.some((page) => page.atEnds === "wrap") &&
    !profile.rules.some((r) => r.does.kind === "previous-entry"),
  "two-way ring": (profile) =>
    profile.menu.pages.some((page) => page.atEnds === "wrap") &&
    profile.rules.some((r) => r.does.kind === "previous-entry"),
  "cursor list in words": (profile) =>
    profile.menu.pages.some((page) => page.atEnds === "stop") &&
    profile.lines.every((each) => /[a-z]{3}/.test(each.code)),
  "groups in groups": (profile) =>
    profile.menu.pages.some((page) =>
      page.entries.some(
        (each) =>
          each.kind === "page" &&
          profile.menu.pages.find((p) => p.id === each.page)?.entries.some((e) => e.kind === "page"),
      ),
    ),
  "sub-list that comes and goes": line((l) => l.shownWhen !== null),
  "a page opened where it was left": (profile) => profile.menu.pages.some((page) => page.opensAt === "last-visited"),
  "one key, different things on different screens": (profile) =>
    profile.rules.some((r) =>
      profile.rules.some(
        (o) =>
          o.keys.join() === r.keys.join() &&
          o.gesture.kind === r.gesture.kind &&
          o.on !== r.on &&
          o.does.kind !== r.does.kind,
      ),
    ),
  // Changing and saving
  "change at once": (profile) => profile.menu.changing === "at-once",
  "select, change, confirm": (profile) => profile.menu.changing === "select",
  "wrap at the ends": line((l) => l.atEnds === "wrap"),
  "stop at the ends": line((l) => l.atEnds === "stop"),
  "hold to repeat": rule((r) => r.does.kind === "step-value" && r.does.repeat !== null),
  "a key for each digit": (profile) =>
    new Set(profile.rules.flatMap((r) => (r.does.kind === "step-digit" ? [r.does.place] : []))).size >= 2,
  "quick key until power-off": rule((r) => r.does.kind === "step-backlight"),
  "saved at each change": (profile) => profile.menu.saves === "each-change",
  "saved on leaving the line": (profile) => profile.menu.saves === "leaving-line",
  "saved together": (profile) => profile.menu.saves === "leaving-menu",
  "in force at once": (profile) => profile.inForce === "at-once",
  "in force after a power cycle": (profile) => profile.inForce === "after-power-cycle",
  // Conditional lines, actions, procedures
  "line that is there only with another": line((l) => l.shownWhen !== null),
  "line that matters only with another": line((l) => l.mattersWhen !== null),
  "clear by a hold on the line": rule((r) => r.on === "menu" && r.does.kind === "run-action"),
  "yes or no": (profile) =>
    profile.menu.pages.some((page) => page.entries.some((each) => each.kind === "action" && each.asks === "yes-no")),
  "confirmation pattern": (profile) =>
    profile.menu.pages.some((page) => page.entries.some((each) => each.kind === "action" && each.asks === "pattern")),
  "PIN asked twice": (profile) =>
    profile.menu.pages.some((page) => page.entries.some((each) => each.kind === "action" && each.action === "set-pin")),
  "copy to another controller": (profile) =>
    profile.menu.pages.some((page) =>
      page.entries.some((each) => each.kind === "action" && each.action === "copy-settings"),
    ),
  "procedure with a lever held through power-on": (profile) =>
    profile.rules.some(
      (r) => r.on === "off" && r.keys.some((id) => profile.keys.find((key) => key.id === id)?.part === "brake-lever"),
    ),
  "procedure with the throttle held": (profile) =>
    profile.rules.some(
      (r) => r.on === "off" && r.keys.some((id) => profile.keys.find((key) => key.id === id)?.part === "throttle"),
    ),
  "procedure with the pedals held": (profile) =>
    profile.rules.some(
      (r) => r.on === "off" && r.keys.some((id) => profile.keys.find((key) => key.id === id)?.part === "pedals"),
    ),
  "the same chord restores at another time": (profile) =>
    profile.rules.some(
      (r) =>
        r.does.kind === "run-action" &&
        r.does.action === "restore" &&
        profile.rules.some((o) => opensPage(o) && o.keys.join() === r.keys.join() && o.on === r.on),
    ),
  "trip reset by chord": rule((r) => r.on === "home" && r.does.kind === "run-action" && r.does.action === "clear-trip"),
  "read-only monitor": rule((r) => r.does.kind === "open-monitor"),
  // Home
  "key that follows the info line": rule((r) => r.infoLine !== null),
  "lamp key": rule((r) => r.does.kind === "toggle-lamp"),
  "hazard lamp key": rule((r) => r.does.kind === "toggle-hazard-lamp"),
  "cruise in": rule((r) => r.does.kind === "start-cruise"),
  "cruise out": rule((r) => r.does.kind === "end-cruise"),
  "fault codes": (profile) => profile.faultCodes.length > 0,
  "two keys": (profile) => profile.keys.length === 2,
  "five keys": (profile) => profile.keys.filter((key) => key.part === "key").length === 5,
  "colour glass": (profile) => profile.glass === "colour",
  "segment glass": (profile) => profile.glass === "segment",
  "exits, groups and actions": (profile) =>
    entry("exit")(profile) && entry("page")(profile) && entry("action")(profile),
  // Encodings
  "cap in km/h": encoding("speed-cap", (e) => e.heldIn === "kmh"),
  "cap in mph": encoding("speed-cap", (e) => e.heldIn === "mph"),
  "cap in the shown unit": encoding("speed-cap", (e) => e.heldIn === "shown"),
  "cap compared with the speed shown": encoding("speed-cap", (e) => e.basis === "shown"),
  "cap of the controller's own": encoding("speed-cap", (e) => e.basis === "own"),
  "cap as a share of power": line((l) => settingsOf(l).includes("capPowerShare")),
  "cap reversed, scale unknown": encoding(
    "unknown-scale",
    (e) => e.setting === "assistCapKmh" && e.larger === "less" && e.noneRaw === 0,
  ),
  "top value means no cap": encoding("speed-cap", (e) => e.uncappedRaw === e.rawMax),
  "short cap range": encoding("speed-cap", (e) => e.uncappedRaw === null && e.rawMax - e.rawMin < 20),
  "throttle cap of its own": line((l) => settingsOf(l).includes("throttleCapKmh")),
  "no cap line at all": (profile) =>
    !linesOf(profile).some((l) => settingsOf(l).some((s) => s === "assistCapKmh" || s === "capPowerShare")) ||
    linesOf(profile).some((l) => settingsOf(l).includes("capPowerShare")),
  "wheel by inch codes": encoding("wheel-code", (e) => e.codes.some((code) => code.circumferenceMm === null)),
  "700 stands for 28": encoding("wheel-code", (e) => e.codes.some((code) => code.shows === "700" && code.inch === 28)),
  "wheel codes with a stated roll": encoding("wheel-code", (e) =>
    e.codes.some((code) => code.circumferenceMm !== null),
  ),
  "wheel to a tenth of an inch": encoding("wheel-size", (e) => e.heldIn === "tenth-inch"),
  "wheel in mm": encoding("wheel-size", (e) => e.heldIn === "mm"),
  "pulses to 255": encoding("number", (e) => e.setting === "pulsesPerTurn" && e.rawMax >= 120),
  "poles times ratio": encoding("number", (e) => e.setting === "motorPulses"),
  "switch between two sensors": line((l) => settingsOf(l).includes("speedSensor")),
  "motor preset that fixes the pulses": line((l) => settingsOf(l).includes("motorPreset")),
  "volts by name": encoding("choice", (e) => e.setting === "nominalV" && e.options.every((o) => o.raw === o.means)),
  "volts by code": encoding("choice", (e) => e.setting === "nominalV" && e.options.some((o) => o.raw !== o.means)),
  "chemistry preset": line((l) => settingsOf(l).includes("packChemistry")),
  "own bar volts": line((l) => settingsOf(l).includes("bar3V") && l.shownWhen !== null),
  "cut-off in volts": encoding("number", (e) => e.setting === "cutOffV"),
  "cut-off around a default": encoding("around-default"),
  "gauge code of unknown sense": encoding("unknown-scale", (e) => e.larger === "unknown"),
  "live volts": encoding("choice", (e) => e.setting === "batteryReadout"),
  amps: encoding("number", (e) => e.setting === "currentLimitA"),
  "current as a step of the controller's": encoding("number", (e) => e.setting === "currentShare"),
  "low numbers are full power, slow ramp": encoding(
    "bundle",
    (e) => e.options.filter((o) => o.means.currentShare === 1).length > 1,
  ),
  "levels by code": encoding("choice", (e) => e.setting === "assistLevels" && e.options.some((o) => o.raw !== o.means)),
  "levels by number": encoding("number", (e) => e.setting === "assistLevels"),
  "named levels": encoding(
    "choice",
    (e) => e.setting === "assistLevels" && e.options.every((o) => /[a-z]/.test(o.shows)),
  ),
  "whether level 0 exists": line((l) => settingsOf(l).includes("levelZero")),
  "share per level with floor and ceiling": encoding(
    "number",
    (e) => e.setting === "share1" && e.rawMin === 20 && e.rawMax === 99,
  ),
  "strength curve": line((l) => settingsOf(l).includes("strengthCurve")),
  "start by magnets": encoding("number", (e) => e.setting === "startPulses"),
  "start 1 to 24": encoding("number", (e) => e.setting === "startReadiness" && e.rawMax === 24),
  "softness reversed": encoding("number", (e) => e.setting === "rampSoftness" && e.perRaw < 0),
  "slope about zero": encoding("number", (e) => e.rawMin === -45 && e.rawMax === 45),
  "throttle mode in three orders": () =>
    new Set(
      SHIPPED_DISPLAYS.flatMap((profile) =>
        linesOf(profile).flatMap((l) =>
          l.encoding.kind === "choice" && l.encoding.setting === "throttleMode"
            ? [l.encoding.options.map((o) => o.means).join()]
            : [],
        ),
      ),
    ).size >= 3,
  "throttle only at one level": line((l) => settingsOf(l).includes("throttleLevel")),
  "one line, several settings": encoding("bundle", (e) => e.options.some((o) => Object.keys(o.means).length > 1)),
  "several lines, one setting": (profile) =>
    linesOf(profile).some((l) => settingsOf(l).includes("speedSensor")) &&
    linesOf(profile).some((l) => settingsOf(l).includes("motorPulses")),
  "no effect on this firmware": line((l) => l.effect === "none"),
  "a pulse line that hands over": encoding("pulses-or-other"),
  "a step written as the default's own number": encoding("around-default", (e) => e.defaultRaw !== 0),
  clock: encoding("clock"),
  "read-only that varies": encoding("read-only", (e) => e.shows === null),
  "a cap that takes power": encoding("speed-cap", (e) => e.lowersPower),
  "maker's value not known": line((l) => l.encoding.kind !== "read-only" && l.factoryRaw === null),
  "two conditions on one line": line((l) => (l.shownWhen?.length ?? 0) > 1),
  "a mode key": rule((r) => r.does.kind === "next-mode"),
  "a ring of levels without 0": (profile) =>
    profile.levels.lowest === 1 && profile.rules.some((r) => r.does.kind === "step-level" && r.does.around),
  "named levels at home": (profile) => profile.levels.names.length > 0,
  "a PIN of other than four digits": (profile) => profile.pinDigits !== 4,
  "a chord that asks first": rule((r) => r.on === "home" && r.does.kind === "run-action" && r.does.asks !== "nothing"),
  "a key that confirms and goes on": rule((r) => r.does.kind === "confirm-value" && r.does.then === "next-entry"),
  "blinking on some pages only": (profile) =>
    new Set(profile.menu.pages.map((page) => page.changing ?? profile.menu.changing)).size > 1,
  "a procedure that sets a value": rule((r) => r.does.kind === "set-value"),
  "a lever held past the power key": rule((r) => r.gesture.kind === "keep-holding"),
  "a state no menu shows": (profile) =>
    linesOf(profile).some(
      (l) => !profile.menu.pages.some((p) => p.entries.some((e) => e.kind === "line" && e.line === l.code)),
    ),
  "special value inside a range": encoding("number", (e) => e.special.length > 0),
  "read-only": encoding("read-only"),
  reserved: encoding("reserved"),
  "maker-only": line((l) => l.makerOnly),
};

describe("the shipped displays", () => {
  it("are eight or more, each without a problem", () => {
    expect(SHIPPED_DISPLAYS.length).toBeGreaterThanOrEqual(8);
    for (const profile of SHIPPED_DISPLAYS) expect(checkProfile(profile), profile.name).toEqual([]);
  });
  it("are named in the light list as they name themselves", () =>
    expect(SHIPPED_NAMES).toEqual(SHIPPED_DISPLAYS.map(({ id, name, variant }) => ({ id, name, variant }))));
  it.each(Object.entries(FEATURES))("show: %s", (_, has) =>
    expect(SHIPPED_DISPLAYS.filter(has).map(({ name }) => name)).not.toEqual([]),
  );
  it("between them have a line for nearly every canonical setting", () => {
    const set = new Set(SHIPPED_DISPLAYS.flatMap((profile) => linesOf(profile).flatMap(settingsOf)));
    expect(SETTING_KEYS.filter((key) => !set.has(key))).toEqual([]);
  });
});
