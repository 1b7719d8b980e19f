/** Which hand or foot says what on this device, as it was taught. */
import { ACTS, TAUGHT_AT_FIRST, type Taught } from "@/core/programming/acts";
import { useSyncExternalStore } from "react";
import { keepText, reader, watchKept } from "./kept";

const NAME = "odd-spoke.hands";

function taughtBy(value: unknown): Taught {
  if (typeof value !== "object" || value === null) return TAUGHT_AT_FIRST;
  const kept = value as Readonly<Record<string, unknown>>;
  const signals = (act: string) => {
    const list = kept[act];
    return Array.isArray(list) && list.every((each) => typeof each === "string") ? list : null;
  };
  const [done, other, again, back] = ACTS.map(signals);
  return done && other && again && back ? { done, other, again, back } : TAUGHT_AT_FIRST;
}

/** What was taught, as it was kept; as at first where it cannot be read. */
export function readTaught(text: string | null): Taught {
  try {
    return taughtBy(JSON.parse(text ?? "null"));
  } catch {
    return TAUGHT_AT_FIRST;
  }
}

const taughtNow = reader(NAME, readTaught);

export const useTaught = (): Taught => useSyncExternalStore(watchKept, taughtNow, () => TAUGHT_AT_FIRST);

/** Teaches it, for every window of this device. */
export const teach = (taught: Taught): void => keepText(NAME, JSON.stringify(taught));
