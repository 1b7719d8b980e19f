import type { DisplayProfile } from "@/core/display";
import { nearMissesOf, type CardStep } from "@/core/keys";
import { Caution } from "@/ui/primitives";
import { keyNames, missWords } from "@/words";
import * as say from "@/words/screens/program/nearMisses";

interface NearMissesProps {
  readonly profile: DisplayProfile;
  readonly step: CardStep;
}

/** Chords that come out wrong when a finger is late or the menu has closed, said where they bite. */
export function NearMisses({ profile, step }: NearMissesProps) {
  return nearMissesOf(profile, step).map((miss) => (
    <div key={miss.keys.join() + miss.danger + (miss.when?.kind ?? "") + String(miss.atHome)} className="mt-4">
      <Caution>
        {miss.atHome
          ? say.ifTheMenuHasClosed(keyNames(profile, miss.keys), miss.holdMs, missWords(miss))
          : miss.when
            ? say.withinSOfPower(miss.when.kind, miss.when.ms, missWords(miss))
            : say.bothDownTogetherAlone(keyNames(profile, miss.keys), miss.holdMs, missWords(miss))}
      </Caution>
    </div>
  ));
}
