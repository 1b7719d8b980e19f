/** What a display’s own codes stand for, told from the words of its list. Common practice, no source. */

/** Words of a display's own list of codes that say which sign a code is; small letters. The first that fits counts. */
export const CODE_WORDS: readonly (readonly [sign: string, words: RegExp])[] = [
  ["code-battery-management", /battery (?:management|protect)|\bbms\b|pack protect/],
  ["code-brake", /brake|lever/],
  ["code-throttle", /throttle|thumb|twist/],
  ["code-hot", /\bhot\b|heat|temperature|warm/],
  ["code-speed-sensor", /speed (?:sensor|pick|signal)|pick-?up|spoke magnet|wheel sensor/],
  ["code-controller-hears-nothing", /controller (?:hears|gets|receives|has) (?:nothing|no)|no word from the display/],
  [
    "code-display-hears-nothing",
    /no (?:word|answer|signal|data|reply)|hears nothing|communication|from the controller|link/,
  ],
  ["code-motor", /motor|hall|phase/],
  ["code-battery-low", /battery|pack|volt|charge/],
  ["code-controller", /controller/],
];
