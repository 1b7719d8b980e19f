import type { DisplayProfile } from "@/core/display";
import { nearMisses, type CardStep } from "@/core/keys";
import { Caution } from "@/ui/primitives";
import { keyNames, missWords, secondsOf } from "@/words";

interface NearMissesProps {
  readonly profile: DisplayProfile;
  readonly step: CardStep;
}

/** Chords that come out wrong when a finger is late, said where they bite. */
export function NearMisses({ profile, step }: NearMissesProps) {
  const stroke = step.runs[0]?.stroke;
  if (!stroke || !("keys" in stroke)) return null;
  const misses = nearMisses(profile, step.before.screen.kind === "menu" ? "menu" : "home", stroke.keys);
  return misses.map((miss) => (
    <div key={miss.keys.join() + miss.danger + (miss.when?.kind ?? "")} className="mt-4">
      <Caution>
        {miss.when
          ? `${miss.when.kind === "within" ? `Not within ${secondsOf(miss.when.ms)} s of power-on` : `Within ${secondsOf(miss.when.ms)} s of power-on, no later`}: at the wrong time the same chord ${missWords(miss)}.`
          : `Both down together. ${keyNames(profile, miss.keys)} alone for ${secondsOf(miss.holdMs)} s ${missWords(miss)}.`}
      </Caution>
    </div>
  ));
}
