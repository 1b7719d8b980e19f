"use client";
import { keyNames } from "@/words";
import { DisplayFace, type SimulatedDisplayProps } from "./SimulatedDisplay";
import { usePresses } from "./usePresses";
import * as say from "@/words/ui/lcd/pressableDisplay";

interface PressableDisplayProps extends SimulatedDisplayProps {
  /** Called with the keys that are down from now on. */
  readonly onHold: (keys: readonly string[]) => void;
}

const CHORD = [
  "min-h-11 flex-1 touch-none rounded-lg border-2 border-rule px-3",
  "text-[0.92rem] whitespace-nowrap hover:border-quiet",
].join(" ");

/** A simulated display with keys that press and hold by mouse, touch and keyboard, chords as keys of their own. */
export function PressableDisplay({ onHold, ...face }: PressableDisplayProps) {
  const { profile } = face;
  const { down, pressable } = usePresses(profile, onHold);
  const chords = profile.rules.filter((rule) => rule.keys.length > 1);
  const chordSets = chords.filter(
    (rule, i) => chords.findIndex((other) => [...other.keys].sort().join() === [...rule.keys].sort().join()) === i,
  );
  return (
    <DisplayFace {...face} down={down} keyProps={pressable}>
      <div className="mt-2.5 flex flex-wrap gap-2">
        {chordSets.map((rule) => (
          <button
            key={rule.keys.join()}
            type="button"
            {...pressable(rule.keys, say.togetherOnTheSimulated(keyNames(profile, rule.keys)))}
            className={CHORD}
          >
            {say.simulatedDisplayTogether(keyNames(profile, rule.keys))}
          </button>
        ))}
      </div>
    </DisplayFace>
  );
}
