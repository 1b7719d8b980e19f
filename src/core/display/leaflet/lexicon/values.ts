/** What the words of an option stand for, per setting, over small letters without marks; the first that fits counts. */
import type { SettingKey } from "../../settings";

export type ValueWord = readonly [means: number | boolean | string, words: RegExp];

const NO = [
  String.raw`no|off|disab\w*|clos\w*|not|without|invalid|forbid\w*|hidden?|never|none|inactiv\w*|exclu\w*`,
  String.raw`aus|nein|ohne|non|sans|desactiv\w*|arret|sin|spento|nee|uit`,
].join("|");
const YES = [
  String.raw`yes|on|enab\w*|open\w*|with|valid|allow\w*|shown?|asked|each time|always`,
  String.raw`ein|an|ja|mit|oui|avec|activ\w*|si|con|acceso|aan|marche`,
].join("|");
/** Words displays show for yes and no, always of one language: a word of another beside one of them is misread. */
export const PAIRS: readonly (readonly [no: string, yes: string])[] = [
  ["off", "on"],
  ["no", "yes"],
  ["aus", "ein"],
  ["aus", "an"],
  ["nein", "ja"],
  ["non", "oui"],
  ["no", "si"],
  ["uit", "aan"],
  ["nee", "ja"],
  ["close", "open"],
  ["disable", "enable"],
];
const YES_NO: readonly ValueWord[] = [
  [false, new RegExp(`\\b(?:${NO})\\b`)],
  [true, new RegExp(`\\b(?:${YES})\\b`)],
];

export const VALUE_WORDS: Partial<Readonly<Record<SettingKey, readonly ValueWord[]>>> = {
  speedUnit: [
    ["mph", /\b(?:mph|mi|miles?|meilen?|milles?|millas?|miglia|mijl\w*|imperial\w*|british|english|inch)\b|mile\/h/],
    ["kmh", /\b(?:km|kmh|kilomet\w*|chilomet\w*|metric\w*|metrisch|metriq\w*|metrico|kph)\b|km\/[hu]/],
  ],
  temperatureUnit: [
    ["celsius", /celsius|°? ?c\b/],
    ["fahrenheit", /fahrenheit|°? ?f\b/],
  ],
  batteryReadout: [
    ["volts", /volt|\bv\b|spannung|tension/],
    ["percent", /percent|prozent|pour ?cent|%|bars?/],
  ],
  powerReadout: [
    ["watts", /watt|\bw\b/],
    ["amps", /amp|\ba\b|current|strom|courant/],
  ],
  throttleMode: [
    [
      "off",
      /\b(?:off|dead|no|disab\w*|invalid|not|without|clos\w*|aus|nein|non|desactiv\w*|spento|esclus\w*|uit|nee)\b/,
    ],
    ["follows-level", /follow|level|gear|\bpas\b|step|stufe|niveau|nivel|livello|stand\b/],
    [
      "full",
      /full|always|all the way|\bon\b|enab\w*|yes|open|100|voll|immer|\bein\b|plein|complet|activ|pieno|vol\b|aan/,
    ],
  ],
  throttleFromStandstill: [
    [
      false,
      /\b(?:non-?zero|rolling|kick|not?|pedal first|off|nein|aus|non|nee|uit|apres|after|nach|dopo|tras|despues|na)\b/,
    ],
    [true, /\b(?:zero|standstill|yes|on|direct\w*|at once|ja|ein|oui|si|aan)\b/],
  ],
  driveMode: [
    ["both", /both|together|\band\b|\ball\b|beide|les deux|ambos|entrambi/],
    ["throttle-only", /throttle|electric|thumb|gasgriff|accelerateur|acelerador|acceleratore|gashendel/],
    ["assist-only", /assist|pas\b|pedal|help power|tret|trap/],
  ],
  crankDirection: [
    ["backward", /back\w*|revers\w*|counter|left|anti|ruckwarts|arriere|atras|indietro|achteruit/],
    ["forward", /for\w*|clockwise|normal|right|positive|vorwarts|avant|adelante|avanti|vooruit/],
  ],
  speedSensor: [
    ["motor", /motor|moteur|hub|internal|inside|hall/],
    ["wheel", /wheel|spoke|external|outside|rad\b|roue|rueda|ruota|wiel/],
  ],
  packChemistry: [
    ["lfp", /lfp|lifepo|phosphate|iron/],
    ["lead-acid", /lead|gel|sla|blei|plomb|plomo|piombo|lood/],
    ["own", /own|custom|user|eigene?/],
    ["nmc", /li-?ion|lithium|nmc|ternary/],
  ],
  lampMode: [
    ["automatic", /auto|dusk|sensor/],
    ["flashing", /flash|blink/],
    ["manual", /man\w*|key|hand|off|on/],
  ],
  tripReset: [
    ["at-power-off", /power|auto|off/],
    ["manual", /man|hand|hold/],
  ],
  waveForm: [
    ["sine", /sine|sinus/],
    ["block", /square|block|trapez/],
  ],
  levelAtPowerOn: [["last-used", /last|memor|previous|as left/]],
  walkAssistOn: YES_NO,
  cruiseOn: YES_NO,
  startPinOn: YES_NO,
  odometerShown: YES_NO,
  levelZero: YES_NO,
  motorTemperatureShown: YES_NO,
};
