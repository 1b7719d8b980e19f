import type { DisplayProfile } from "@/core/display";
import { nearMisses, type CardStep } from "@/core/keys";
import { Caution } from "@/ui/primitives";
import { keyNames, missWords } from "@/words";
import * as say from "@/words/screens/program/nearMisses";

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
          ? say.withinSOfPower(miss.when.kind, miss.when.ms, missWords(miss))
          : say.bothDownTogetherAlone(keyNames(profile, miss.keys), miss.holdMs, missWords(miss))}
      </Caution>
    </div>
  ));
}
