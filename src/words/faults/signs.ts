/** What a bike shows, in the words of whoever brings it. */

interface SignWords {
  readonly title: string;
  /** What owners say. */
  readonly said: readonly string[];
}

export const SIGN_WORDS: Readonly<Record<string, SignWords>> = {
  "code-brake": { title: "Code: a brake is taken for pulled", said: ["brake code", "brake symbol stays on"] },
  "code-battery-low": { title: "Code: battery low", said: ["low voltage code"] },
  "code-motor": { title: "Code: motor, hall or phase", said: ["motor code", "it stutters and shows a code"] },
  "code-throttle": { title: "Code: throttle", said: ["throttle code"] },
  "code-controller": { title: "Code: controller", said: ["controller code"] },
  "code-display-hears-nothing": {
    title: "Code: the display hears nothing",
    said: ["no communication", "no answer code"],
  },
  "code-controller-hears-nothing": { title: "Code: the controller hears nothing", said: ["communication code"] },
  "code-battery-management": { title: "Code: battery management", said: ["BMS code", "pack protection"] },
  "code-hot": { title: "Code: too hot", said: ["temperature code", "it gets hot"] },
  "code-speed-sensor": { title: "Code: speed sensor lost", said: ["speed stays at zero", "no speed shown"] },
  "brake-does-not-cut": { title: "A brake lever does not stop the motor", said: ["lever dead", "brake cut-off"] },
  "passes-its-cap": { title: "Assist goes on past its cap", said: ["too fast", "over the limit", "cap does not hold"] },
  "levels-alike": { title: "Two levels are alike, or one is weaker", said: ["twin levels", "level does nothing"] },
  "walks-too-fast": { title: "Walk assist is too fast", said: ["push too fast", "runs away walking"] },
  "speed-wrong": {
    title: "The speed shown is wrong",
    said: ["speedometer wrong", "shows half", "miles or kilometres"],
  },
  "speed-jumps": { title: "The speed shown jumps", said: ["speed jumps about", "nonsense speed"] },
  "gauge-wrong": { title: "The gauge is wrong", said: ["gauge lies", "full then empty"] },
  "dies-at-half": { title: "Dies at half a gauge", said: ["cuts out at half", "stops with bars left"] },
  "no-bars-on-full": { title: "No bars on a full pack", said: ["gauge empty after charging", "empty on full"] },
  dead: { title: "Nothing lights", said: ["dead", "won't switch on", "no power"] },
  "no-assist": { title: "It lights, but the motor does not help", said: ["no assist", "motor does nothing"] },
  "throttle-dead": { title: "The throttle does nothing", said: ["throttle dead", "thumb does nothing"] },
  "assist-late": { title: "Assist comes late", said: ["late", "slow to start", "half a turn before it helps"] },
  surges: { title: "Assist surges on and off", said: ["surges", "on and off", "jerks"] },
  "keeps-pushing": { title: "It keeps pushing", said: ["pushes on", "won't stop pushing", "runs on"] },
  "too-strong": { title: "Level 1 is too strong", said: ["kicks too hard", "too fast in level 1", "too strong"] },
  "will-not-pass": { title: "It will not pass a speed", said: ["wants it faster", "too slow", "limited", "faster"] },
  "cuts-out": { title: "It cuts out on hills", said: ["cuts out", "stops under load"] },
  locked: { title: "The display is locked", said: ["PIN forgotten", "asks for a code"] },
  "does-not-stick": { title: "Settings do not stick", said: ["settings gone", "back to old values"] },
  "after-swap": {
    title: "Everything is wrong since another display is on",
    said: ["after a display swap", "new display"],
  },
  stuck: { title: "Stuck: nothing can be set", said: ["can't set anything", "menu won't open", "stuck"] },
};

export const signTitle = (sign: string): string => SIGN_WORDS[sign]?.title ?? sign;
