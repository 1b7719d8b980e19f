/** One word for one thing: the kinds of motors. */
import type { MotorKind } from "@/core/facts";

export const MOTOR_NAMES: Readonly<Record<MotorKind, string>> = {
  "geared-hub": "Geared hub",
  "direct-drive-hub": "Direct-drive hub",
  "mid-drive": "Mid-drive",
};

/** A kind of motor inside a sentence. */
export const motorInSentence = (kind: MotorKind): string => MOTOR_NAMES[kind].toLowerCase();
