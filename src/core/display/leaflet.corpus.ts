/**
 * Leaflet texts of our own making, in the shapes leaflets come in, with what each line means. No real leaflet is among
 * them; null stands for a line nobody could tell from its text alone.
 */
import type { SettingKey } from "./settings";

export interface LeafletText {
  readonly shape: string;
  readonly text: string;
  readonly means: Readonly<Record<string, SettingKey | null>>;
}

export const LEAFLETS: readonly LeafletText[] = [
  {
    shape: "numbered lines with options after a colon",
    text: `Setting list
1. Backlight brightness: 1 dark, 2 middle, 3 bright. Default 2
2. Speed unit: 0: km/h, 1: mph. Default 0
3. Battery voltage: 24V, 36V, 48V. Default 36
4. Auto power off time: 0-60 min, 0 means never. Default 10
5. Wheel size: 16, 18, 20, 24, 26, 27.5, 28 inch. Default 26
6. Speed limit: range 10-45 km/h, 45 means no limit. Default 25
7. Number of assist levels: 3, 5, 9. Default 5
8. Current limit: range 7-22 A. Default 15
9. Cruise: 0: off, 1: on. Default 0`,
    means: {
      "1": "backlight",
      "2": "speedUnit",
      "3": "nominalV",
      "4": "autoOffMin",
      "5": "circumferenceMm",
      "6": "assistCapKmh",
      "7": "assistLevels",
      "8": "currentLimitA",
      "9": "cruiseOn",
    },
  },
  {
    shape: "table with bars",
    text: `| No | Function | Range | Default |
|----|----------|-------|---------|
| h1 | Screen brightness | 1 - 5 | 3 |
| h2 | Low voltage protection | 28.0 - 44.0 V | 31.0 |
| h3 | Wheel circumference | 1200 - 2400 mm | 2100 |
| h4 | Limit of riding speed | 5 - 40 km/h | 25 |
| h5 | Magnets on wheel for speed sensor | 1 - 6 | 1 |
| h6 | Walk assist function | 0 off, 1 on | 1 |
| h7 | Slow start | 1 - 4 | 2 |
| h8 | PAS disc magnet number | 5 - 24 | 12 |`,
    means: {
      h1: "backlight",
      h2: "cutOffV",
      h3: "circumferenceMm",
      h4: "assistCapKmh",
      h5: "pulsesPerTurn",
      h6: "walkAssistOn",
      h7: "rampSoftness",
      h8: "crankPulses",
    },
  },
  {
    shape: "options on rows of their own",
    text: `k01 Units of speed
   0 = kilometre
   1 = mile
   factory 0
k02 Throttle start from standstill
   0 = zero start
   1 = non-zero start
   factory 0
k03 Drive mode
   0 = assist only
   1 = throttle only
   2 = both together
   factory 2
k04 Battery display
   0 = percent
   1 = voltage
   factory 0
k05 Reserved
   factory 0`,
    means: { k01: "speedUnit", k02: "throttleFromStandstill", k03: "driveMode", k04: "batteryReadout", k05: null },
  },
  {
    shape: "broken English prose",
    text: `11: this setting is for the wheel diameter, unit inch, can choose 20, 24, 26, 28, the factory 26.
12: maximum current of controller, 8 to 20 A adjustable, factory 14.
13: the level when power on the display, 0 to 5, factory 1.
14: how many magnet pulses before the motor start, 2 to 15, factory 3.
15: speed limited value, 12-40km/h, factory 25.
16: zero using, please not change.
17: sleep time of display, 1-30 min, factory 5.`,
    means: {
      "11": "circumferenceMm",
      "12": "currentLimitA",
      "13": "levelAtPowerOn",
      "14": "startPulses",
      "15": "assistCapKmh",
      "16": null,
      "17": "autoOffMin",
    },
  },
  {
    shape: "tabs between columns, mixed units",
    text: "code\tname\tvalues\tdefault\na-1\tSpeed limit\t6-28 mph\tdefault 20\na-2\tPedal direction\t0 forward, 1 backward\tdefault 0\na-3\tStart strength\t1-5\tdefault 3\na-4\tTyre size\t12.0-29.9 inch step 0.1\tdefault 26.0\na-5\tElectric brake regeneration\t0-3\tdefault 0\na-6\tTotal mileage\tread only\t-",
    means: {
      "a-1": "assistCapKmh",
      "a-2": "crankDirection",
      "a-3": "startStrengthShare",
      "a-4": "circumferenceMm",
      "a-5": "regenShare",
      "a-6": null,
    },
  },
  {
    shape: "headings, bullets and notes between",
    text: `GENERAL SETTINGS
- n1 - Auto shutdown, 0 to 15 minutes (def. 5)
- n2 - LCD brightness, 1 to 3 (def. 2)
  Please note: brighter uses more battery.
POWER SETTINGS
- n3 - Undervoltage cut, 29 to 42 V (def. 31)
- n4 - Current limit, 5 to 18 A (def. 15)
- n5 - Soft start, 0 to 3 (def. 1)
OTHER
- n6 - Start password, 0 off / 1 on (def. 0)`,
    means: {
      n1: "autoOffMin",
      n2: "backlight",
      n3: "cutOffV",
      n4: "currentLimitA",
      n5: "rampSoftness",
      n6: "startPinOn",
    },
  },
  {
    shape: "menu words, no numbers in the names",
    text: `Item 1: Unit select (0 metric, 1 imperial), preset 0
Item 2: Head light mode (0 manual, 1 automatic), preset 0
Item 3: Trip clear (0 by hand, 1 at power off), preset 0
Item 4: Push-along speed (3-6 km/h), preset 5
Item 5: Throttle speed limit (6-32 km/h), preset 25
Item 6: Battery type (0 lithium, 1 LFP, 2 lead), preset 0
Item 7: Speed sensor selection (0 wheel, 1 motor), preset 0`,
    means: {
      "1": "speedUnit",
      "2": "lampMode",
      "3": "tripReset",
      "4": "walkAssistKmh",
      "5": "throttleCapKmh",
      "6": "packChemistry",
      "7": "speedSensor",
    },
  },
  {
    shape: "equals signs and slashes on one row",
    text: `b1=backlight 1/2/3/4 default=3
b2=units 0=km/h / 1=mph default=0
b3=system voltage 36/48/52 default=48
b4=levels 0=3 levels / 1=5 levels / 2=9 levels number of assist levels default=1
b5=throttle 0=off / 1=follow level / 2=full throttle mode default=2
b6=motor type 1-6 default=1`,
    means: {
      b1: "backlight",
      b2: "speedUnit",
      b3: "nominalV",
      b4: "assistLevels",
      b5: "throttleMode",
      b6: "motorPreset",
    },
  },
  {
    shape: "long sentences with the default first",
    text: `Line 21. Factory 1. Number of magnets for speed measuring on the wheel, 1 to 6.
Line 22. Factory 12. Maximum current of the battery, from 5 to 25 A.
Line 23. Factory 25. The riding speed limit, from 10 to 50 km/h.
Line 24. Factory 0. Communication protocol, 0 to 3.
Line 25. Factory 100. Speed calibration in percent, from 90 to 110.
Line 26. Factory 40. Low voltage protection of the battery, 36 to 44 V.`,
    means: {
      "21": "pulsesPerTurn",
      "22": "currentLimitA",
      "23": "assistCapKmh",
      "24": "protocol",
      "25": "speedCalibrationPercent",
      "26": "cutOffV",
    },
  },
  {
    shape: "two columns of spaces, capitals",
    text: `S1    ASSIST LEVEL AT START-UP        0-9      DEFAULT 1
S2    WHEEL SIZE                      16-29 INCH   DEFAULT 26
S3    SPEED LIMIT                     20-45 KM/H   DEFAULT 25
S4    AMBIENT LIGHT SENSOR            1-5      DEFAULT 3
S5    DISPLAY SLEEP TIME              0-20 MIN DEFAULT 5
S6    COEFFICIENT 3                   0-255    DEFAULT 12
S7    HALL SEQUENCE CODE              0-7      DEFAULT 0`,
    means: {
      S1: "levelAtPowerOn",
      S2: "circumferenceMm",
      S3: "assistCapKmh",
      S4: "lightSensor",
      S5: "autoOffMin",
      S6: null,
      S7: "phaseCoding",
    },
  },
  {
    shape: "question and answer",
    text: `[31] Do you want cruise? 0 no, 1 yes (default 0)
[32] Which unit for speed? 0 km/h, 1 mph (default 0)
[33] Push assist mode? 0 disable, 1 enable (default 1)
[34] When must it switch off by itself? auto off 1-60 min (default 10)
[35] How soft shall it start? soft start 1-3 (default 2)
[36] Temperature unit? 0 celsius, 1 fahrenheit (default 0)`,
    means: {
      "31": "cruiseOn",
      "32": "speedUnit",
      "33": "walkAssistOn",
      "34": "autoOffMin",
      "35": "rampSoftness",
      "36": "temperatureUnit",
    },
  },
  {
    shape: "vague and contradictory",
    text: `x1: mode 0-3
x2: parameter two, 0 to 9
x3: speed 10-99
x4: value of voltage 0-5
x5: gear, see dealer
x6: wheel magnets 1-3 default 1`,
    means: { x1: null, x2: null, x3: null, x4: null, x5: null, x6: "pulsesPerTurn" },
  },
  {
    shape: "commas as decimal points and full-width signs",
    text: `m1： Wheel size in inch， 16,0 - 28,0 step 0,5 default 26,0
m2： Cut voltage of battery low voltage， 28,0 - 42,0 V default 31,5
m3： Controller current limit， 6 - 25 A default 18
m4： Speed limit， 15 - 40 km/h default 25`,
    means: { m1: "circumferenceMm", m2: "cutOffV", m3: "currentLimitA", m4: "assistCapKmh" },
  },
];
