import { canSet } from "@/core/applied";
import type { DisplayProfile } from "@/core/display";
import type { Bike, Rider, WishId } from "@/core/facts";
import { schoolsTaken } from "@/core/wishes";
import { WISH_NAMES } from "@/words/wishNames";
import { RIDER_NAMES, SCHOOL_WORDS } from "@/words/wishes";
import * as say from "@/words/screens/plan/rider/schools";

const isRider = (name: WishId | Rider): name is Rider => Object.hasOwn(RIDER_NAMES, name);

/** Both schools of each question practice is divided on, and which one is taken for this rider. */
export function Schools({ bike, profile }: { readonly bike: Bike; readonly profile: DisplayProfile }) {
  const taken = schoolsTaken(bike, (setting) => canSet(profile, setting));
  if (taken.length === 0) return null;
  return (
    <details>
      <summary className="min-h-9 font-semibold">{say.wherePracticeIsDivided}</summary>
      <dl className="mt-1 flex flex-col gap-2">
        {taken.map(({ school, side, for: by }) => (
          <div key={school} className="border-t border-rule pt-1">
            <dt className="font-semibold">{SCHOOL_WORDS[school].question}</dt>
            <dd>
              {say.taken(SCHOOL_WORDS[school][side], isRider(by) ? RIDER_NAMES[by] : WISH_NAMES[by].toLowerCase())}
            </dd>
            <dd className="text-quiet">{say.against(SCHOOL_WORDS[school][side === "lively" ? "calm" : "lively"])}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2 text-[0.9rem] text-quiet">{say.eachCanBeSet}</p>
    </details>
  );
}
