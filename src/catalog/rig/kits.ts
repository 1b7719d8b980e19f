/** Kits that stand on the bench, as an intake would have them: made up, of the usual kinds. */
export const BENCH_KITS: readonly Readonly<Record<string, string>>[] = [
  {
    nickname: "The small hub",
    tyre: "40-622",
    motorKind: "geared-hub",
    motorRatedW: "250",
    packV: "36",
    packAh: "12",
    bmsA: "25",
    controllerA: "15",
    throttleFitted: "yes",
    brakeCutOff: "yes",
    crankPulses: "12",
  },
  {
    nickname: "The fat tyre",
    tyre: "100-559",
    motorKind: "geared-hub",
    motorRatedW: "750",
    packV: "48",
    packAh: "15",
    bmsA: "35",
    controllerA: "22",
    throttleFitted: "yes",
    brakeCutOff: "yes",
    crankPulses: "12",
    surface: "fat",
  },
  {
    nickname: "The direct drive",
    tyre: "50-559",
    motorKind: "direct-drive-hub",
    motorRatedW: "1000",
    packV: "48",
    packAh: "17.5",
    bmsA: "40",
    controllerA: "26",
    throttleFitted: "yes",
    brakeCutOff: "yes",
    crankPulses: "12",
  },
];

/** Classes bikes on the bench are set for, by id. */
export const BENCH_CLASSES: readonly string[] = ["us-class-2", "eu-epac", "uk-eapc", "us-class-3-throttle"];
