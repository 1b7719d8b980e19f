// The words of screens/practice/KeyPractice and its parts.
import { count } from "../../speak";

export const exercise = (seed: number) => `Exercise ${seed}`;
export const making = "Making an exercise …";
export const onThe = (kit: string, rule: string) => `${kit}, set for ${rule}`;
export const noClass = "no class";
export const tooLittle =
  "This display has too few lines that can be set for an exercise of this kind. Choose another display.";
/** What the rider would say of a line that gives itself away so. */
export const COMPLAINTS = {
  "speed-shown": "“The speedometer does not agree with my phone.”",
  "assist-end": "“The help does not end where it should.”",
  "throttle-end": "“The throttle does not end where it should.”",
  levels: "“The levels are not what they were.”",
  power: "“It does not pull as it did.”",
  start: "“It does not set off as it should.”",
  throttle: "“The throttle does not do what it should.”",
  "walk-assist": "“Walk assist is not at a walking pace.”",
  gauge: "“The gauge says something else than the pack.”",
  "cut-off": "“It goes off with the pack half full”, or “it runs the pack down too far.”",
  unit: "“The numbers are in the wrong unit.”",
  braking: "“It does not slow down as it did.”",
} as const;
export const setThese = "Set these, and save:";
export const bringHome = "Bring it home with every line so, saved and in force:";
export const line = "Line";
export const shows = "shows";
export const thePin = (pin: string) => `It asks for a PIN. The owner says ${pin}.`;
export const presses = (n: number) => `${count(n, "press", "presses")} so far`;
export const itIsLine = "It is line";
export const howItLies = "It";
export const LIES = { "does-nothing": "does nothing", "runs-backwards": "works the other way round" } as const;
export const notYet = "not known yet";
export const sayIt = "Say it";
export const showMe = "Show me";
export const again = "The same again";
export const another = "Another one";
export const done = "Done: every line as it is to be, saved and in force.";
export const right = (code: string) => `Right: line ${code}.`;
export const wrong = (code: string) => `Not so. It was line ${code}.`;
export const itWas = (codes: readonly string[]) =>
  codes.length === 1 ? `It was line ${codes[0] ?? ""}.` : `The lines were ${codes.join(", ")}.`;
export const lieWas = (lie: keyof typeof LIES) => `It ${LIES[lie]}.`;
export const compared = (own: number, best: number) =>
  own > 0 && own <= best
    ? `You took ${count(own, "press", "presses")}. The planner knows no shorter way than ${best}.`
    : `You took ${count(own, "press", "presses")}; the shortest way takes ${best}:`;
export const bestTrial = (presses: number) =>
  `The value that shows it best is set with ${count(presses, "press", "presses")}; then ride and measure:`;
export const workingOut = "Working out the shortest way …";
export const task = "What to do";
