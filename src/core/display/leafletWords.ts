/**
 * How leaflets of all kinds call each setting: phrases with a weight. Words of the trade in plain and in broken
 * English, common practice, no source. The reader weighs them; no phrase decides alone unless it can mean nothing else.
 */
import type { SettingKey } from "./settings";

export interface Phrase {
  readonly words: RegExp;
  readonly weight: number;
}

const p = (words: RegExp, weight = 1): Phrase => ({ words, weight });

/** Weight from 0.3, a hint, to 1, which leaves no doubt on its own. */
export const PHRASES: Partial<Readonly<Record<SettingKey, readonly Phrase[]>>> = {
  speedUnit: [
    p(/\bunits? (of|for) (the )?(speed|distance)\b/i, 0.95),
    p(/\b(speed|distance|mileage|metric|measure\w*) ?(unit|units|system)\b/i, 0.9),
    p(/\bunits?\b/i, 0.35),
    p(/\bkm\/?h?\b.{0,12}\b(mph|mile)/i, 0.8),
    p(/\bmetric\b.{0,14}\bimperial\b/i, 0.9),
    p(/\bmiles? or k/i, 0.6),
  ],
  backlight: [
    p(/\bback ?-?light\b/i, 0.95),
    p(/\b(screen|lcd|display|panel) (light|bright\w*)\b/i, 0.9),
    p(/\bbrightness\b/i, 0.8),
    p(/\bluminance\b/i, 0.8),
  ],
  lightSensor: [p(/\b(light|ambient|dusk) ?sens\w*\b/i, 0.95), p(/\bphoto ?sens\w*\b/i, 0.9)],
  autoOffMin: [
    p(/\bauto\w* ?-? ?(power|shut|switch|turn)?[ -]?(off|down|sleep)\b/i, 0.95),
    p(/\b(sleep|dormancy|hibernat\w*) ?(time|mode|after)?\b/i, 0.85),
    p(/\b(power|shut)[ -]?(off|down) ?(time|delay|after)\b/i, 0.85),
    p(/\bstand ?-?by time\b/i, 0.8),
  ],
  batteryReadout: [
    p(/\bbattery (display|show|read\w*|indicat\w*)\b/i, 0.6),
    p(/\b(percent\w*|%)\b.{0,14}\bvolt/i, 0.9),
    p(/\bvolt\w*\b.{0,14}\b(percent|%)/i, 0.9),
  ],
  powerReadout: [p(/\bpower (display|show|read\w*)\b/i, 0.8), p(/\bwatts?\b.{0,14}\bamp/i, 0.85)],
  circumferenceMm: [
    p(/\bwheel\b.{0,14}\b(size|diam\w*|circumference|inch|roll\w*|perimeter)\b/i, 0.95),
    p(/\b(tyre|tire) ?(size|diam\w*|circumference)\b/i, 0.9),
    p(/\bcircumference\b/i, 0.8),
    p(/\brim size\b/i, 0.8),
    p(/\bwheel\b/i, 0.35),
    p(/\bdiameter of (the )?wheel/i, 0.95),
  ],
  pulsesPerTurn: [
    p(/\bmagnets?\b.{0,30}\b(speed|wheel)\b/i, 0.9),
    p(/\b(speed|wheel|measur\w*)\b.{0,22}\b(magnet|pulse)\w*\b/i, 0.9),
    p(/\bspeed sens\w*.{0,22}\b(magnet|pulse|steel)\w*/i, 0.95),
    p(/\b(magnet|pulse)s? (number|count|per (wheel|turn|rev\w*))/i, 0.75),
    p(/\bmagnets?\b.{0,12}\bwheel\b/i, 0.9),
    p(/\bmotor (poles?|magnets?)\b/i, 0.6),
  ],
  speedSensor: [
    p(/\b(speed )?sens\w* (select\w*|source|type|choice)\b/i, 0.75),
    p(/\b(internal|motor|hub)\b.{0,10}\b(or|\/)\b.{0,10}\b(external|wheel)\b.{0,10}\bsens/i, 0.9),
  ],
  assistCapKmh: [
    p(/\b(speed|max\w*|top|riding) ?(speed)? ?(limit\w*|restrict\w*|cap|max\w*)\b/i, 0.85),
    p(/\b(limit\w*|restrict\w*|max\w*) (of )?(the )?(riding |assist )?speed\b/i, 0.9),
    p(/\bspeed\b.{0,12}\blimit\w*/i, 0.85),
    p(/\bassist\w*\b.{0,16}\bspeed\b.{0,10}\b(limit|stop|end)/i, 0.95),
  ],
  throttleCapKmh: [
    p(/\b(throttle|thumb|twist|handle ?bar|grip)\b.{0,24}\bspeed\b/i, 0.9),
    p(/\bspeed\b.{0,10}\b(limit|max)\w*.{0,10}\bthrottle/i, 1),
  ],
  walkAssistKmh: [p(/\b(walk\w*|push\w*|6 ?km)\b.{0,18}\bspeed\b/i, 0.95)],
  walkAssistOn: [
    p(/\b(walk\w*|push\w*|pushing) ?-?(assist\w*|mode|along|function|aid)\b/i, 0.8),
    p(/\b6 ?km\b.{0,12}\b(function|mode)/i, 0.8),
  ],
  currentLimitA: [
    p(/\b(max\w*|controller|limit\w*|battery) ?(the )?current\b/i, 0.85),
    p(/\bcurrent ?(limit\w*|max\w*|value|restrict\w*)\b/i, 0.95),
    p(/\bamp\w*\b.{0,10}\blimit/i, 0.9),
    p(/\blimit\w*\b.{0,10}\bamp/i, 0.9),
  ],
  cutOffV: [
    p(/\b(low|under|minimum|min)[ -]?(battery)? ?-?volt\w*( protect\w*| cut\w*)?\b/i, 0.85),
    p(/\bcut[ -]?off\b/i, 0.6),
    p(/\bvolt\w*\b.{0,16}\b(protect\w*|cut|stop)/i, 0.8),
    p(/\bprotect\w* volt/i, 0.85),
    p(/\bbattery\b.{0,10}\bcut/i, 0.85),
  ],
  nominalV: [
    p(/\b(battery|system|rated|nominal|pack|working) ?volt\w*\b/i, 0.8),
    p(/\bvolt\w* ?(level|class|grade|select\w*|system|of (the )?battery)\b/i, 0.8),
    p(/\b36 ?v?\b.{0,8}\b48 ?v?\b/i, 0.6),
  ],
  packChemistry: [
    p(/\bbattery (type|kind|chem\w*)\b/i, 0.95),
    p(/\b(li-?ion|lithium)\b.{0,20}\b(lead|lfp|lifepo|phosphate)/i, 0.95),
  ],
  assistLevels: [
    p(/\b(number|amount|count|quantity|how many)\b.{0,14}\b(levels?|gears?|steps?|grades?)\b/i, 0.95),
    p(/\b(assist\w*|pas|power|gear) ?(levels?|gears?|steps?|grades?) ?(number|count|select\w*|mode|total)\b/i, 0.9),
    p(/\b3\b.{0,6}\b5\b.{0,6}\b9\b.{0,10}\b(level|gear|step)/i, 0.9),
    p(/\b(levels?|gears?)\b.{0,10}\b3\b.{0,8}\b5\b.{0,8}\b9\b/i, 0.9),
  ],
  levelAtPowerOn: [
    p(/\b(level|gear|step)\b.{0,14}\b(power[ -]?on|start-?up|switch\w* on|boot|turn\w* on)\b/i, 0.95),
    p(/\b(power[ -]?on|start-?up|boot|default|initial) (level|gear|step|assist)\b/i, 0.9),
  ],
  startPulses: [
    p(/\b(start|begin|assist)\b.{0,24}\b(magnet|pulse|sens\w*|crank)/i, 0.6),
    p(/\bpedal\w*\b.{0,24}\b(magnet|pulse|start|sensitiv\w*)/i, 0.75),
    p(/\bpas\b.{0,12}\b(start|sensitiv\w*|magnet)/i, 0.7),
    p(/\bmagnets?\b.{0,18}\bbefore\b/i, 1),
    p(/\bhow many (pulses?|magnets?)\b.{0,22}\bstart/i, 1),
  ],
  crankPulses: [
    p(/\b(crank|pedal|cadence|pas)\b.{0,18}\bmagnets?\b.{0,14}\b(number|count|total|disc|disk|ring|per)/i, 0.85),
    p(/\b(number|count)\b.{0,8}\b(of )?(magnet|steel)\w*.{0,14}\b(pas|pedal|crank|disc)/i, 0.9),
    p(/\bpas (disc|disk|ring)\b/i, 0.8),
  ],
  crankDirection: [
    p(/\b(pedal\w*|crank|pas)\b.{0,14}\bdirection\b/i, 0.95),
    p(/\bdirection\b.{0,14}\b(pedal|crank|pas)/i, 0.95),
  ],
  startStrengthShare: [p(/\b(start\w*|launch)\b.{0,12}\b(strength|intens\w*|power|force|torque)\b/i, 0.85)],
  rampSoftness: [
    p(/\b(soft|slow|smooth) ?-?start\b/i, 0.9),
    p(/\bslow[ -]?up\b/i, 0.85),
    p(/\bramp\b/i, 0.6),
    p(/\bsoftness\b/i, 0.8),
    p(/\baccelerat\w*\b/i, 0.45),
  ],
  startDelayS: [p(/\b(start|assist)\b.{0,10}\bdelay\b/i, 0.9), p(/\bdelay\b.{0,14}\b(start|assist|help)/i, 0.9)],
  throttleMode: [
    p(/\b(throttle|thumb|twist|handle ?bar|grip)\b.{0,18}\b(mode|function|enable\w*|on|follow\w*|level|gear)\b/i, 0.7),
    p(/\bthrottle\b/i, 0.35),
  ],
  throttleFromStandstill: [
    p(/\b(zero|0|standstill|non-?zero|kick|rolling)[ -]?start\b/i, 0.9),
    p(/\bthrottle\b.{0,20}\b(standstill|stand still|from stop|rolling)\b/i, 0.95),
    p(/\bstart\b.{0,10}\bfrom (zero|standstill|stop)/i, 0.9),
  ],
  driveMode: [
    p(/\b(drive|driving|control|riding|work\w*) mode\b/i, 0.85),
    p(/\bassist\w* only\b.{0,24}\bthrottle only\b/i, 0.95),
  ],
  cruiseOn: [p(/\bcruise\b/i, 0.95), p(/\bconstant speed\b/i, 0.8)],
  regenShare: [
    p(/\bregen\w*\b/i, 0.95),
    p(/\b(e-?abs|electronic|electric|motor) ?-?brak\w*/i, 0.75),
    p(/\brecuperat\w*/i, 0.95),
  ],
  strengthCurve: [p(/\b(assist\w*|power|strength) (curve|character)\b/i, 0.85)],
  lampMode: [
    p(/\b(head ?)?(lamp|lights?)\b.{0,12}\b(mode|auto\w*|behaviou?r)\b/i, 0.8),
    p(/\bauto\w* (head ?)?light/i, 0.85),
  ],
  startPinOn: [p(/\b(start\w*|power[ -]?on|boot)? ?-?(pin|password|pass ?code)\b/i, 0.85), p(/\block code\b/i, 0.8)],
  odometerShown: [p(/\bodo(meter)?\b/i, 0.5), p(/\btotal (distance|mileage)\b/i, 0.5)],
  tripReset: [p(/\btrip\b.{0,12}\b(reset|clear)/i, 0.8)],
  protocol: [p(/\b(communicat\w*|uart|can)? ?protocol\b/i, 0.9)],
  speedCalibrationPercent: [p(/\bspeed\b.{0,10}\b(calibrat\w*|correct\w*|adjust\w*)\b/i, 0.85)],
  gaugeAveragingS: [p(/\b(gauge|battery|volt\w*)\b.{0,16}\b(averag\w*|smooth\w*|filter)/i, 0.85)],
  motorTemperatureShown: [p(/\bmotor temp\w*/i, 0.85)],
  temperatureUnit: [p(/\btemp\w* ?units?\b/i, 0.9), p(/\bcelsius\b.{0,10}\bfahrenheit\b/i, 0.95)],
  infoLine: [p(/\b(info|bottom|data) ?(line|row|field)\b/i, 0.75)],
  waveForm: [p(/\b(sine|square|block)\b.{0,10}\b(wave|square|sine)\b/i, 0.9)],
  phaseCoding: [p(/\b(phase|hall)\b.{0,14}\b(cod\w*|order|sequence|angle)\b/i, 0.85)],
  motorPreset: [p(/\bmotor (type|model|preset|kind)\b/i, 0.85)],
  levelZero: [p(/\b(level|gear|step) ?(0|zero)\b/i, 0.85)],
};

/** Phrases that say a setting is not meant, however well other words fit. */
export const AGAINST: Partial<Readonly<Record<SettingKey, RegExp>>> = {
  circumferenceMm: /\bmagnet|\bpulse|\bsensor\b/i,
  assistCapKmh: /\bthrottle\b|\bwalk|\bpush|\bthumb|\bunit/i,
  currentLimitA: /\bread\w*|\bdisplay\b|\bshow/i,
  nominalV: /\blow\b|\bunder\b|\bcut|\bprotect|\bpercent|%/i,
  cutOffV: /\bbrake\b|\bspeed\b/i,
  startPulses: /\bwheel\b|\bspeed\b|\bdirection\b/i,
  throttleMode: /\bspeed\b|\bstandstill\b|\bzero\b|\bkick\b/i,
  backlight: /\bhead ?l|\bsens/i,
  walkAssistOn: /\bspeed\b/i,
  speedUnit: /\btemp\w*|\bvolt|\btime\b/i,
  assistLevels: /\bpower[ -]?on\b|\bboot\b|\bstart-?up\b|\bthrottle\b|\bcurrent\b|\bback/i,
  batteryReadout: /\bcut|\blow\b/i,
  crankPulses: /\bbefore\b|\bstart/i,
  startStrengthShare: /\bpin\b|\bpassword\b/i,
};

interface ValueWord {
  readonly words: RegExp;
  readonly means: number | boolean | string;
}
const w = (words: RegExp, means: number | boolean | string): ValueWord => ({ words, means });
const FLAG: readonly ValueWord[] = [
  w(/\b(no|off|disab\w*|close[ds]?|not|without|invalid|forbid\w*|hidden?)\b/i, false),
  w(/\b(yes|on|enab\w*|open|with|valid|allow\w*|shown?)\b/i, true),
];

/** What the words of an option stand for, per setting; the first that fits counts. */
export const VALUE_PHRASES: Partial<Readonly<Record<SettingKey, readonly ValueWord[]>>> = {
  speedUnit: [w(/\b(mph|miles?|imperial|inch)\b/i, "mph"), w(/\b(km|kmh|kilomet\w*|metric|kph)\b|km\/h/i, "kmh")],
  temperatureUnit: [w(/celsius|°? ?c\b/i, "celsius"), w(/fahrenheit|°? ?f\b/i, "fahrenheit")],
  batteryReadout: [w(/volt|\bv\b/i, "volts"), w(/percent|%|bars?/i, "percent")],
  powerReadout: [w(/watt|\bw\b/i, "watts"), w(/amp|\ba\b|current/i, "amps")],
  throttleMode: [
    w(/\b(off|no|disab\w*|invalid|not|without)\b/i, "off"),
    w(/follow|level|gear|\bpas\b|step/i, "follows-level"),
    w(/full|always|\bon\b|enab\w*|yes|100/i, "full"),
  ],
  throttleFromStandstill: [
    w(/\b(non-?zero|rolling|kick|not|no|pedal first|off)\b/i, false),
    w(/\b(zero|standstill|yes|on|direct\w*|at once)\b/i, true),
  ],
  driveMode: [
    w(/both|together|and|all/i, "both"),
    w(/throttle|electric|thumb/i, "throttle-only"),
    w(/assist|pas|pedal/i, "assist-only"),
  ],
  crankDirection: [
    w(/back\w*|revers\w*|counter|left|anti/i, "backward"),
    w(/for\w*|clockwise|normal|right|positive/i, "forward"),
  ],
  speedSensor: [w(/motor|hub|internal|inside|hall/i, "motor"), w(/wheel|spoke|external|outside/i, "wheel")],
  packChemistry: [
    w(/lfp|lifepo|phosphate|iron/i, "lfp"),
    w(/lead|gel|sla/i, "lead-acid"),
    w(/own|custom|user/i, "own"),
    w(/li-?ion|lithium|nmc|ternary/i, "nmc"),
  ],
  lampMode: [
    w(/auto|dusk|sensor/i, "automatic"),
    w(/flash|blink/i, "flashing"),
    w(/man\w*|key|hand|off|on/i, "manual"),
  ],
  tripReset: [w(/power|auto|off/i, "at-power-off"), w(/man|hand|hold/i, "manual")],
  waveForm: [w(/sine/i, "sine"), w(/square|block|trapez/i, "block")],
  levelAtPowerOn: [w(/last|memor|previous|as left/i, "last-used")],
  walkAssistOn: FLAG,
  cruiseOn: FLAG,
  startPinOn: FLAG,
  odometerShown: FLAG,
  levelZero: FLAG,
  motorTemperatureShown: FLAG,
};
