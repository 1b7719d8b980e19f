// The words of screens/program/BesideTheBike.
import type { Pace } from "@/core/keys";
import { count, secondsOf } from "../../speak";

export const besideTheBike = "Sound, voice and hands";
export const keptOnThisDevice = "Chosen for this device and kept on it. Nothing sounds or speaks until you choose it.";
export const countWithMe = "Count with me";
export const whatCountingDoes =
  "Each tap is counted at the pace the display takes, the last one told apart. A hold fills a ring and ends when to " +
  "let go. Turn the volume up to hear it: ticks, a tone that rises, the last three seconds of the menu.";
export const volume = "Volume";
export const volumeSaid = (share: number) => (share === 0 ? "silent" : `${Math.round(share * 100)} %`);
export const hearThreeTaps = "Hear three taps and a hold";

export const readToMe = "Read to me";
export const whatReadingDoes = "Each step is read aloud, and again when you ask. The next step breaks it off.";
export const noVoiceHere = "This browser has no voice. What would be said stands on the card all the same.";
export const voice = "Voice";
export const browsersOwn = "The browser’s own choice";
export const rate = "Rate";
export const rateSaid = (times: number) => `${times.toFixed(1)} ×`;
export const hearASentence = "Hear a sentence";
export const trialSentence = "Plus, four taps. It must show 32.";

const secondsSaidOf = (ms: number) => `${secondsOf(ms)} s`;

export const yourPace = "At your pace";
export const learntFrom = (steps: number) =>
  steps === 0
    ? "A usual pace, common practice. The card measures yours while you work, and plans and groups the keys by it."
    : `Measured on the last ${count(steps, "step")} you did on this device. Keys are planned and grouped by it.`;
export const paceParts = ({ tapMs, settleMs, lookMs, answerMs }: Pace) =>
  [
    ["From one tap to the next", secondsSaidOf(tapMs)],
    ["After a hold", secondsSaidOf(settleMs)],
    ["Reading a key off the card", secondsSaidOf(lookMs)],
    ["Looking at the display and answering", secondsSaidOf(answerMs)],
  ] as const;
export const backToTheUsualPace = "Back to the usual pace";
