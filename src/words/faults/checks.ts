/** How each check is done, which plug or wire to look at, and what is as it should be. */
import { causeName } from "./causes";

interface CheckWords {
  readonly title: string;
  readonly how: string;
  /** What one sees where nothing is wrong. */
  readonly right: string;
}

const WORDS: Readonly<Record<string, CheckWords>> = {
  "look-at-levers": {
    title: "Look at both brake levers",
    how: "Hands off. Push each lever outwards and watch whether the code goes.",
    right: "Both stand free, and nothing changes.",
  },
  "unplug-brakes-at-controller": {
    title: "Unplug both brake leads at the controller",
    how:
      "Wheel clear. Pull both brake plugs at the controller, switch on, try again. Plug them in after: a bike leaves " +
      "with them.",
    right: "It is as before without them.",
  },
  "look-at-brake-plugs": {
    title: "Look at the brake plugs at the controller",
    how: "Both sides, arrow to arrow.",
    right: "Both home.",
  },
  "pull-lever-right-through": {
    title: "Pull each lever slowly, right through",
    how: "Wheel clear, turning under power in level 1. Watch how far the lever has come when the motor stops.",
    right: "It stops before the pads touch, or never.",
  },
  "follow-brake-leads": {
    title: "Follow the brake leads with your fingers",
    how: "From lever to controller: pinched at the stem, under a tie, at the bars’ end.",
    right: "Whole all the way.",
  },
  "swap-brake-lever": {
    title: "Plug in a brake switch known to be good",
    how: "One side after the other.",
    right: "It is as before.",
  },
  "pack-at-rest": {
    title: "Meter the pack at rest",
    how: "At its plug, ten minutes after charging or riding. Keep the probes apart.",
    right: "It reads what is given below.",
  },
  "pack-reads-nothing": {
    title: "Does the pack give nothing at all?",
    how: "At its plug, switched on.",
    right: "It gives volts, many or few.",
  },
  "pack-under-load": {
    title: "Meter the pack while it pulls",
    how: "Second pair of hands on the brake, wheel clear, full level for three seconds; read the lowest volts.",
    right: "It does not fall below what is given below.",
  },
  "pull-at-pack-lead": {
    title: "Pull at the pack’s plug and mount",
    how: "Rock the pack in its mount and look for a browned contact.",
    right: "Tight, clean, and nothing changes.",
  },
  "press-pack-button": {
    title: "Press the pack’s own button",
    how: "Press it and watch its lights; a pack without any tells nothing this way.",
    right: "They light as for a charged pack.",
  },
  "swap-pack": { title: "Put in a pack known to be good", how: "Same nominal volts.", right: "It is as before." },
  "look-at-phase-plugs": {
    title: "Look at the three thick motor plugs",
    how: "Switched off. Press each home; look for bare copper or brown.",
    right: "All three home and bright.",
  },
  "look-at-hall-plug": {
    title: "Look at the thin motor plug",
    how: "Switched off. Pins straight, arrow to arrow, home.",
    right: "Straight and home.",
  },
  "hall-signal": {
    title: "Meter the three hall signals",
    how: "Switched on, black to ground; turn the wheel slowly by hand.",
    right: "Each goes up and down as the wheel turns.",
  },
  "turn-wheel-with-phases-joined": {
    title: "Turn the wheel with two phases joined",
    how: "Motor unplugged. Join two of the thick leads, then the next two, and turn the wheel.",
    right: "It turns equally hard each time.",
  },
  "swap-motor": { title: "Plug in another wheel", how: "Only plugs, on the stand.", right: "It is as before." },
  "swap-controller": { title: "Plug in another controller", how: "Same volts, same plugs.", right: "It is as before." },
  "feel-the-heat": {
    title: "Feel controller and motor",
    how: "The back of a hand, near first.",
    right: "Both one can leave a hand on.",
  },
  "feel-controller-alone": {
    title: "Feel the controller",
    how: "The back of a hand, near first.",
    right: "One can leave a hand on it.",
  },
  "look-at-throttle-plug": { title: "Look at the throttle’s plug", how: "Pins straight, home.", right: "Home." },
  "throttle-signal": {
    title: "Meter the throttle’s signal",
    how: "Wheel clear, brake held. Black to ground, red to the signal lead; pull slowly right through.",
    right: "It rises smoothly, as given below.",
  },
  "let-throttle-snap-back": {
    title: "Let the throttle snap back",
    how: "Switched off, ten times.",
    right: "It comes back by itself every time.",
  },
  "swap-throttle": { title: "Plug in another throttle", how: "Wheel clear.", right: "It is as before." },
  "reseat-display-lead": {
    title: "Take the display’s plug apart and seat it",
    how: "Arrow to arrow, press until the gap is gone.",
    right: "It was home, and nothing changes.",
  },
  "swap-display": { title: "Plug in a display known to be good", how: "Same kind of plug.", right: "It is as before." },
  "look-at-magnet": {
    title: "Look at the speed magnet",
    how: "Turn the wheel: it passes the pick-up at 3 to 5 mm, at the mark.",
    right: "There, and close enough.",
  },
  "pick-up-signal": {
    title: "Meter the speed pick-up",
    how: "Turn the wheel slowly by hand.",
    right: "The signal changes as the magnet passes.",
  },
  "follow-speed-lead": { title: "Follow the speed pick-up’s lead", how: "To its plug.", right: "Whole and home." },
  "look-at-crank-plug": { title: "Look at the crank sensor’s plug", how: "Beside the cranks.", right: "Home." },
  "pedal-backwards": {
    title: "Turn the cranks backwards",
    how: "Wheel clear, level 1.",
    right: "Nothing happens.",
  },
  "click-every-key": { title: "Click every key", how: "Each alone, ten times.", right: "Each clicks and comes back." },
  "level-up": { title: "Press the level up", how: "Wheel clear.", right: "The level was not 0." },
  "enter-the-pin": { title: "Does it ask for a PIN?", how: "Switch off and on.", right: "It asks for none." },
  "other-ways-in": {
    title: "Try the other ways in",
    how: "Wheel clear, brake held. Other chords, longer holds, within seconds of switching on.",
    right: "None opens a menu.",
  },
  "save-and-read-again": {
    title: "Set one line, save, read it again",
    how: "Without switching off.",
    right: "It holds what was set.",
  },
  "power-cycle": { title: "Switch off and on", how: "Five seconds apart.", right: "It is as before." },
  "wheel-up-full-level": {
    title: "Full level, wheel up",
    how: "Stand clear. Read the speed shown.",
    right: "It runs well past the speed complained of.",
  },
};

/** What a check is called, how it is done and what is right. */
export function checkWords(check: string): CheckWords {
  const line = /^read-(.+)$/.exec(check)?.[1];
  if (line !== undefined)
    return {
      title: `Read ${causeName(line)}`,
      how: "On the display, or on the sheet where it was read.",
      right: "It holds what it should.",
    };
  return WORDS[check] ?? { title: check, how: "", right: "" };
}

export const TOOL_WORDS = {
  meter: "a meter",
  screwdriver: "a screwdriver",
  stand: "a stand",
  "second-hand": "a second pair of hands",
  road: "a road",
} as const;

export const SPARE_WORDS = {
  pack: "a pack",
  display: "a display",
  controller: "a controller",
  throttle: "a throttle",
  "brake-lever": "a brake lever",
  "wheel-with-motor": "a wheel with motor",
} as const;

export const PART_WORDS: Readonly<Record<string, string>> = {
  tyre: "tyre",
  wheel: "wheel",
  motor: "motor",
  controller: "controller",
  pack: "pack",
  display: "display",
  brakes: "brakes",
  throttle: "throttle",
  cranks: "cranks or crank sensor",
};
