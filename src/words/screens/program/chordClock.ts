// The words of screens/program/ChordClock.
import { secondsOf } from "../../speak";

export const chordWithin = "Press the chord within ";
export const s = " s";
export const onlyWithin = (ms: number) => `Only within ${secondsOf(ms)} s of power-on`;
export const tooLateNow = "Too late now. Keep off the chord.";
export const doesNothing = "what the same chord does late nobody has described";
export const lateDoes = (deed: string) => `late, the same chord ${deed}`;
export const offAndOnAgain = "Not pressed in time: off and on again";
