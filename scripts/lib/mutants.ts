/** Formulas changed on purpose, one at a time: a test must fail for each of them. `find` stands once in its file. */
export interface Mutant {
  readonly file: string;
  readonly find: string;
  readonly replace: string;
}

/** Tests on whole bikes. */
const SETUP = ["src/core/applied", "src/core/decide", "src/core/sheet", "src/core/benches", "src/core/facts"];

/** Where the tests of each folder are looked for: its own, and those of what rests on it. */
export const TESTS: Readonly<Record<string, readonly string[]>> = {
  law: ["src/core/law", ...SETUP],
  wheel: ["src/core/wheel", ...SETUP, "src/core/proof"],
  battery: ["src/core/battery", ...SETUP],
  assist: ["src/core/assist", ...SETUP, "src/core/ride"],
  ride: ["src/core/ride", ...SETUP],
  applied: [...SETUP, "src/core/law", "src/core/proof", "src/core/record"],
  decide: [...SETUP, "src/core/record/oneNumber"],
  sheet: SETUP,
  record: [
    "src/core/record/mending",
    "src/core/record/capRun",
    "src/core/record/leaving",
    "src/core/record/failedCheck",
    "src/screens/prove",
  ],
  rig: ["src/core/rig"],
  proof: ["src/core/proof", "src/core/record/failedCheck"],
  practice: ["src/core/practice"],
  facts: SETUP,
  keys: [
    "src/core/keys/plan.test",
    "src/core/keys/plan.reference",
    "src/core/keys/expansions",
    "src/core/keys/strokes",
    "src/core/keys/ways",
    "src/core/keys/bound",
    "src/core/keys/restore",
    "src/core/record",
  ],
  display: ["src/core/display", "src/core/keys/plan.test", "src/core/keys/strokes", "src/core/keys/restore"],
};

const at = (file: string, ...pairs: readonly (readonly [find: string, replace: string])[]): readonly Mutant[] =>
  pairs.map(([find, replace]) => ({ file: `src/core/${file}.ts`, find, replace }));

export const MUTANTS: readonly Mutant[] = [
  // ── law ──
  ...at(
    "law/judge",
    ["limit.strict ? kmh >= limit.kmh - SAME", "!limit.strict ? kmh >= limit.kmh - SAME"],
    ["const { nominal, high } = assistCap.kmh;", "const { low: nominal, high } = assistCap.kmh;"],
    ["if (exceeds(high, limit))\n        return", "if (exceeds(nominal, limit))\n        return"],
    ["limitKmh,\n            overKmh: nominal - limitKmh", "limitKmh,\n            overKmh: high - limitKmh"],
    ["const { nominal, high } = cap.kmh;", "const { low: nominal, high } = cap.kmh;"],
    ["limitKmh, overKmh: nominal - limitKmh })];", "limitKmh, overKmh: high - limitKmh })];"],
    ["walkAssistTrueKmh ?? {", "null ?? {"],
    ['motorRatedW === limitW && strictness === "below"', 'motorRatedW > limitW && strictness === "below"'],
    ['motorRatedW === limitW && strictness === "differs"', 'motorRatedW === limitW && strictness === "below"'],
    ["labelWatts(nominalV, currentLimitA) > limitW)", "labelWatts(nominalV, currentLimitA) > motorRatedW)"],
    ["(a.severity) - gravity.indexOf(b.severity)", "(b.severity) - gravity.indexOf(a.severity)"],
  ),
  ...at("law/classRule", ["aboveTextKmh: acceptedKmh - textKmh", "aboveTextKmh: textKmh - acceptedKmh"]),
  // ── wheel ──
  ...at(
    "wheel/readout",
    ["const nominal = pulses * (setting", "const nominal = (1 / pulses) * (setting"],
    ["(1 - setting.circumferenceUncertainty)) /", "1) /"],
    ["(truth.rolloutMm + truth.rolloutUncertaintyMm));", "truth.rolloutMm);"],
    ["(truth.rolloutMm - truth.rolloutUncertaintyMm));", "truth.rolloutMm);"],
    ["low: shownCap / r.high", "low: shownCap / r.low"],
    ["roundSafely(limit * r.low", "roundSafely(limit * r.nominal"],
  ),
  ...at("wheel/rollout", ["uncertaintyMm: tapeErrorMm / turns", "uncertaintyMm: tapeErrorMm"]),
  ...at(
    "wheel/tyre",
    ["widthMm <= 85 ? 0.95", "widthMm <= 85 ? 1"],
    ["unloadedRolloutMm(tyre) - ((2 * Math.PI) / 3)", "unloadedRolloutMm(tyre) - Math.PI"],
    ["ESTIMATE_UNCERTAINTY = 0.015", "ESTIMATE_UNCERTAINTY = 0.0015"],
  ),
  ...at("wheel/wheelCode", ["candidate.r >= 1)", "candidate.r <= 1)"], ["AS_GOOD = 0.003", "AS_GOOD = 0.03"]),
  ...at(
    "wheel/pickUp",
    ["* (rolloutMm / circumferenceSetMm)", "* (circumferenceSetMm / rolloutMm)"],
    ["EDGES_PER_PAIR = 6", "EDGES_PER_PAIR = 3"],
    ["shownStepKmh / 2 / Math.max", "shownStepKmh / Math.max"],
  ),
  ...at(
    "wheel/calibration",
    ["(truncates ? stepKmh / 2 : 0)", "0"],
    ["/ (n - 1)) : null;", "/ n) : null;"],
    ["t95(n - 1) : null", "t95(n) : null"],
    ["(AT_95 * tripStepKm) / Math.sqrt(12)", "tripStepKm"],
    ["percent: (set: number): number => set / r", "percent: (set: number): number => set * r"],
    ["tapeErrorM / lengthM, stopwatchErrorS / seconds", "tapeErrorM / lengthM, 0"],
  ),
  // ── battery ──
  ...at(
    "battery/pack",
    ["leastV: Math.max(cellLeastV, bmsV ?? 0)", "leastV: cellLeastV"],
    ['"up", { step: stepV }', '"down", { step: stepV }'],
    ["(bmsOpensV.high + BMS_MARGIN_V)", "(bmsOpensV.low + BMS_MARGIN_V)"],
  ),
  ...at(
    "battery/gauge",
    ["(aged ? AGED_FACTOR : 1)", "1"],
    ["* coldFactor(temperatureC)", ""],
    ["packRestV(pack, charge) - currentA * packOhm(pack);", "packRestV(pack, charge);"],
    ["(floor.advisedV + sagV) / pack.series", "floor.advisedV / pack.series"],
  ),
  ...at(
    "battery/cells",
    ["warm * (1 - 0.25 * cold)", "warm * (1 - 0.05 * cold)"],
    ["USABLE_WARM = 0.9", "USABLE_WARM = 1"],
    ["CHARGER_SLACK_V = 0.5", "CHARGER_SLACK_V = 5"],
  ),
  ...at("battery/current", ["(ratedW * overload) / efficiency", "(ratedW * overload) * efficiency"]),
  ...at("battery/watts", ["SAGGED_AT = 0.2", "SAGGED_AT = 0.5"]),
  // ── assist ──
  ...at(
    "assist/ladder",
    ["first * (top / first) ** at", "first + (top / first) * at"],
    ["(measuredA === null) !== (measuredB === null)", "measuredA === null && measuredB !== null"],
    ["Math.abs(a - b) < TWIN.powerShare * most", "Math.abs(a - b) < most"],
  ),
  ...at(
    "assist/start",
    ["(360 * (counted - 1)) / pulsesPerTurn", "(360 * counted) / pulsesPerTurn"],
    ["Math.max(1, Math.ceil(", "Math.max(0, Math.ceil("],
  ),
  // ── ride ──
  ...at(
    "ride/roadLoad",
    ["relative * Math.abs(relative)", "relative * relative"],
    ["(273.15 + temperatureC)", "(288.15)"],
    ["road.crr * Math.cos(angle)", "road.crr"],
  ),
  ...at(
    "ride/steady",
    ["point.electricalW + setup.standbyW", "point.electricalW"],
    ["setup.body.massKg + WHEEL_INERTIA_KG", "setup.body.massKg"],
    ["(seconds * step) / 3, metres", "(seconds * step) / 2, metres"],
    ["setup.usableWh / whPerKm", "setup.usableWh * whPerKm"],
  ),
  ...at(
    "ride/kit",
    ["row.kvRpmPerV / rewound", "row.kvRpmPerV"],
    ["row.resistanceOhm * rewound ** 2 * (near ? 1 : scale)", "row.resistanceOhm * rewound ** 2"],
    ["row.resistanceOhm * rewound ** 2", "row.resistanceOhm"],
    ["(constant * torqueShare) + noLoadA", "(constant * torqueShare)"],
    ["drive.share * (pack.openCircuitV - idleV) + idleV", "drive.share * pack.openCircuitV"],
    ["batteryA * (openCircuitV - batteryA * resistanceOhm)", "batteryA * openCircuitV"],
  ),
  ...at("ride/ladderDrives", ["endKmh: topKmh * share", "endKmh: topKmh"]),
  // ── what the display really applies, decisions, hazards ──
  ...at(
    "applied/applied",
    ["circumferenceMm * counting.factor", "circumferenceMm"],
    ['encoding.heldIn === "shown" && shownUnit', 'encoding.heldIn !== "shown" && shownUnit'],
    ['case "wheel":\n      return 1;', 'case "wheel":\n      return 2;'],
    ['pickUp === "spoke-magnet" ? given : "other-sensor"', "given"],
    ['return pickUpSaid ? "other-sensor" : "pick-up"', 'return "other-sensor"'],
    ["share * bike.controllerA", "share"],
    ['if (drive === "assist-only") return "off"', 'if (drive === "assist-only") return "full"'],
    ["high: Math.max(byMotor, byShown) + MEASURED_SLACK_KMH", "high: Math.max(byMotor, byShown)"],
  ),
  ...at(
    "sheet/hazards",
    ["cutOffV < leastV - 1e-9", "cutOffV < leastV - 1"],
    ["nominalV < packV)", "nominalV <= packV)"],
    ["Math.min(currentA, parts.controller ?? Infinity)", "currentA"],
    ['regen > 0 && motorKind !== "direct-drive-hub"', "regen > 0"],
    ["level !== 0 && liveThrottle", "liveThrottle"],
  ),
  ...at(
    "decide/wheel",
    ["(counting.given / counting.set) * counting.factor", "counting.factor"],
    ["(counting.given / counting.set) * counting.factor", "counting.given / counting.set"],
  ),
  ...at("decide/cap", ["limit.kmh * meter.r.low", "limit.kmh * meter.r.nominal"]),
  ...at(
    "decide/preset",
    ["compareMissed(a.missed, b.missed) ||", ""],
    ["a.far - b.far", "b.far - a.far"],
    ["far <= SAME", "far <= 0"],
  ),
  ...at(
    "decide/propose",
    ["const before = restsOn(line);", "const before: readonly SettingKey[] = [];"],
    [
      "const hangsOn = [...(line.shownWhen ?? []), ...(line.mattersWhen ?? [])].map((each) => each.line);",
      "const hangsOn: string[] = [];",
    ],
  ),
  ...at("decide/battery", ["seriesOptions.at(-1) ?? null", "seriesOptions[0] ?? null"]),
  ...at(
    "decide/current",
    ["!allowed.bounds.some((bound) => isOver(foundA, bound))", "true"],
    ["allowedA / controllerA", "allowedA"],
  ),
  ...at(
    "decide/diagnose",
    ["const MISTAKE = 0.25;", "const MISTAKE = 0.9;"],
    ["leaves: r * ratio,", "leaves: r / ratio,"],
    ["leaves: r / factor,", "leaves: r * factor,"],
    ['near(ratio, 2) ? "poles-for-pairs"', 'near(ratio, 3) ? "poles-for-pairs"'],
  ),
  ...at(
    "decide/start",
    ['harsher === "less" ? found >= value : found <= value', 'harsher === "less" ? found <= value : found >= value'],
    ["isCalm && !loaded", "isCalm"],
  ),
  ...at("facts/series", ["held.includes(byCharger)", "true"], ["said === null ? usual : [said]", "usual"]),
  ...at("decide/currentBounds", ["ESTIMATED.has(part) ? ESTIMATE_SLACK_A : 0", "ESTIMATE_SLACK_A"]),
  // ── machine ──
  ...at(
    "display/machine",
    ['(rule.sincePowerOn.kind === "within") !== downAtMs', '(rule.sincePowerOn.kind === "within") === downAtMs'],
    ["if (rule.wheelStill && state.wheelTurns) return false;", ""],
    ["sameKeys(gesture.released, held.released)", "true"],
  ),
  ...at("display/machine/deeds", ["around ? [highest, lowest] : [lowest, highest]", "[lowest, highest]"]),
  ...at("display/encodings/aroundDefault", [
    "return saying(encoding.setting, base === null ? null : tidy(base + (raw - encoding.defaultRaw) *",
    "return saying(encoding.setting, base === null ? null : tidy(base + raw *",
  ]),
  ...at("display/encodings/pulsesOrOther", ["(raw === handsOverRaw) ?", "(raw !== handsOverRaw) ?"]),
  ...at(
    "display/machine/pages",
    ["if (!savesIdle(profile) ||", "if ("],
    ["screen: HOME, pending: state.saved, lastAt", "screen: HOME, pending: state.pending, lastAt"],
  ),
  ...at(
    "display/machine/values",
    ['line.atEnds === "wrap" ?', 'line.atEnds !== "wrap" ?'],
    ["savingOf(profile).onLeavingLine ? save(profile, state) : state", "state"],
    ["(((digit + i) % 10) - digit) * unit", "i * unit"],
  ),
  ...at(
    "display/machine/manners",
    ["onChange: false, onLeavingLine: true", "onChange: true, onLeavingLine: true"],
    ["onLeavingLine: false, onLeavingMenu: true", "onLeavingLine: true, onLeavingMenu: true"],
    ["menu.pages[page]?.changing ?? menu.changing", "menu.changing"],
  ),
  // ── one reading, a mending, a cap run, a class of the shop's own ──
  ...at(
    "decide/reading",
    ['ratio: unit === "mph" ? MILE : 1 / MILE', 'ratio: unit === "mph" ? 1 / MILE : MILE'],
    ["reading.trueErrorKmh / trueKmh + reading.shownStep / 2 / shown", "1"],
    ["if (!isOff(observed / r, slack)) return null;", "if (!isOff(observed, slack)) return null;"],
    ["best.misses <= Math.log(1 + NEAR)", "best.misses <= 9"],
    ["ratio: own / motor", "ratio: motor / own"],
    ['if (shown === 0) return misfit("nothing-shown", null);', ""],
    ["(set * observed * bike.rollout.mm) / circumferenceMm", "set / observed"],
    ["Math.abs(Math.log(shown / kmh)) <= Math.abs", "Math.abs(Math.log(shown / kmh)) > Math.abs"],
  ),
  ...at(
    "decide/diagnose",
    ["near(ratio, 1 / gearRatio)", "near(ratio, gearRatio)"],
    ['if (pickUp === "spoke-magnet") return "magnets";', ""],
    ["near(r, 1 / (MM_PER_INCH * Math.PI), 0.06)", "false"],
  ),
  ...at("decide/cap", [".sort((a, b) => a.kmh - b.kmh)[0];", ".sort((a, b) => b.kmh - a.kmh)[0];"]),
  ...at(
    "sheet/findings",
    ["Math.abs(labelKmh - limit.kmh) > SAME_LABEL_KMH", "labelKmh > limit.kmh"],
    ["cap.kmh.nominal > labelKmh + SAME_LABEL_KMH", "cap.kmh.nominal < labelKmh"],
  ),
  ...at(
    "law/ownClass",
    ["(kmh >= CLASS_SPEED_KMH.min && kmh <= CLASS_SPEED_KMH.max)", "(kmh <= CLASS_SPEED_KMH.max)"],
    ['strict: typed.strict === "yes"', "strict: false"],
    ["walkAssistKmh: walk && speedToKmh(walk.value, walk.unit)", "walkAssistKmh: walk && walk.value"],
    ["at.toISOString().startsWith(typed)", "true"],
  ),
  ...at(
    "record/mending",
    ["if (clear) return clear;", ""],
    ['(subject === "speedometer" || !settings.some((setting) => COUNTS.has(setting)))', "true"],
    ['each.severity === "note" || before.some', "before.some"],
  ),
  ...at(
    "record/capRun",
    ["const ifShownKmh = capKmh / nominal;", "const ifShownKmh = capKmh * nominal;"],
    ["capKmh / high - FELT_KMH && kmh <= capKmh / low + FELT_KMH", "capKmh - FELT_KMH && kmh <= capKmh + FELT_KMH"],
    ["Math.abs(kmh - capKmh) <= FELT_KMH", "false"],
    ['isStale(job, "top-speed-run", result)', "false"],
  ),
  ...at("wheel/calibration", ["jumps(line.squares, n - 2)", "true"], ["(factorJumps || Math.abs", "(Math.abs"]),
  ...at(
    "record/failedCheck",
    ["comesTo * perUnit <= expect.atMostKmh + 1e-9", "comesTo <= expect.atMostKmh"],
    ["if (Math.abs(r - 1) > TRIMMED) return null;", ""],
    ["after >= 1 && after <= 1 + HIGH_BY", "after <= 1 + HIGH_BY"],
    ["off(best.after) < off(r)", "true"],
    ["(r * comesTo) / line.value", "(r * line.value) / comesTo"],
    ["twins.length === 0 || falls.length > 0", "twins.length === 0"],
    ["|| line.makerOnly) return null;", ") return null;"],
    ["due: [check.id, ...rests", "due: [...rests"],
  ),
  ...at(
    "record/checking",
    ["was !== undefined && was.trim() !==", "was !== undefined && was !=="],
    ["was !== undefined && was.trim()", "was?.trim()"],
  ),
  ...at("record/programming", ["(raw !== null && raw !== targets[i])", "raw !== null"]),
  // ── proof ──
  ...at(
    "proof/verdicts",
    ['verdict !== "due" ? "due-again"', '(verdict === "passed" || verdict === "failed") ? "due-again"'],
    ["seconds >= expect.lowS && seconds <= expect.highS", "seconds <= expect.highS"],
    ["judged(value >= expect.leastV)", "judged(value > expect.leastV)"],
    ["speeds?.length !== expect.levels", "speeds === null"],
    ["- FALLS_KMH", ""],
    ["!(meets(level) && meets(sameAs))", "true"],
  ),
  ...at(
    "proof/checks",
    ["(angle.leastDeg / 360) * (60 / BY_HAND_RPM)", "(angle.mostDeg / 360) * (60 / BY_HAND_RPM)"],
    ["Math.max(turnsS, waitS) + WATCH_S", "turnsS + WATCH_S"],
    ["cruise: cruiseOn ? YES : null", "cruise: YES"],
  ),
  // ── rig ──
  ...at(
    "rig/obeyed",
    ["r > 0 ? capKmh / r : null", "r > 0 ? capKmh * r : null"],
    ["(given / set) * percent", "(set / given) * percent"],
    ["Math.min(...limits.filter", "Math.max(...limits.filter"],
    ["return set === null || r <= 0 ? WALK_KMH : set / r;", "return WALK_KMH;"],
  ),
  ...at(
    "rig/live",
    [">= start.pulses &&", ">= 0 &&"],
    ["packV < obeyed.cutOffV", "restV < obeyed.cutOffV"],
    ["+ WHEEL_INERTIA_KG;", ";"],
    ["cutOut: asksNothing ? false :", "cutOut:"],
    ["return { ...now, restMs: left };", "return { ...now, restMs: 0 };"],
    ["if (level === 0 ||", "if ("],
    ["wiring.display.keysFree && isLit(wiring)", "wiring.display.keysFree"],
    ["comeIn = wanted.share === 0 ? 0 :", "comeIn = wanted.share === 0 ? 1 :"],
  ),
  ...at(
    "rig/liveBike",
    ["all[all.length - 1 - rankOf(encoding, raw)]", "all[rankOf(encoding, raw)]"],
    ["if (firmware.noEffect.includes(code)) return standIns[i] ?? raw;", ""],
  ),
  ...at("rig/readings", ["seenKmh * r", "seenKmh"], ["barsLit(barsV, live.packV)", "barsLit(barsV, 99)"]),
  // ── practice ──
  ...at(
    "practice/doing",
    ["before.held === null && before", "before"],
    ['before.screen.kind !== "code"', "true"],
    ["holdsRight(exercise, menu.saved) &&", ""],
    ["lines.includes(named.line) && named.lie === lie", "lines.includes(named.line)"],
  ),
  ...at(
    "practice/exercises",
    ["if (!odd) continue;", ""],
    ['lie === "does-nothing" ? [told.code] : []', "[told.code]"],
  ),
  ...at("practice/tells", ["> NOTICED.ratio * Math.max", "> 100 * Math.max"], [">= NOTICED.kmh)", ">= 1000)"]),
  // ── keys ──
  ...at(
    "keys/strokes",
    ["return stroke.holdMs + KEY_COSTS.holdMarginMs;", "return stroke.holdMs - KEY_COSTS.holdMarginMs;"],
    ["Math.floor(stroke.everyMs / 2)", "stroke.everyMs"],
    ["(stroke.steps - 1) * stroke.everyMs", "stroke.steps * stroke.everyMs"],
    ["apartMs: profile.doubleTapMs + 50", "apartMs: 0"],
  ),
  ...at("keys/nearMisses", ["if (same && rule.sincePowerOn === null) return [];", "if (same) return [];"]),
  ...at(
    "keys/card",
    ["profile.menu.idle.closesAfterMs),", "0),"],
    ["kept: savesIdle(profile)", "kept: !savesIdle(profile)"],
  ),
  ...at("keys/shown", ["shown.saved && actsAtOnce(profile) ? saved", "shown.saved ? saved"]),
  ...at(
    "keys/playQuick",
    ["heldOnMs: downMs - stroke.holdMs", "heldOnMs: 0"],
    ["waitsForSecond ? profile.doubleTapMs : 0", "0"],
    ["(aloneMs > 0 ? after.idleMs : 0) + restMs", "restMs"],
    ["n < stroke.steps; n++", "n <= stroke.steps; n++"],
    ["if (state.held || state.tapped || !closes(state) ||", "if (state.held || !closes(state) ||"],
  ),
  ...at(
    "keys/moves",
    ["!(savingOf(profile).onLeavingLine && pending !== saved)", "true"],
    ["line >= 0 && !isController(line) &&", "line >= 0 &&"],
    ["aim.confirmsByLeaving && savesIdle(profile) ? [waitedOut(profile, set)] : []", "[]"],
  ),
  ...at(
    "keys/bound",
    ["ms = changesMs;", "ms = changesMs * 2;"],
    ["if (!wanted || !opensAtFirst) return 0;", "if (!wanted) return 0;"],
  ),
  ...at("keys/change", ["if (all >= (ms[next] ?? 0)) return;", "if (all > (ms[next] ?? 0) * 2) return;"]),
];
