import { typedAt, withTyped, type TypedPlace } from "@/core/record";
import { withWinner } from "@/core/facts";
import type { WishConflict } from "@/core/wishes";
import { Choice } from "@/ui/primitives";
import { SETTING_NAMES } from "@/words";
import { WISH_NAMES } from "@/words/wishNames";
import { wayOf } from "@/words/wishes";
import type { ChangeJob } from "../../job/stageProps";
import * as say from "@/words/screens/plan/rider/conflicts";

const WINNERS: TypedPlace = { in: "intake", name: "wishWinners" };

interface ConflictsProps {
  readonly conflicts: readonly WishConflict[];
  readonly change: ChangeJob;
}

/** Settings two wishes pull both ways: somebody has to say which goes first. */
export function Conflicts({ conflicts, change }: ConflictsProps) {
  if (conflicts.length === 0) return null;
  const choose = (setting: string, winner: WishConflict["chosen"]) =>
    void change((now) => (winner ? withTyped(now, WINNERS, withWinner(typedAt(now, WINNERS), setting, winner)) : now));
  return (
    <section aria-label={say.pullBothWays} className="rounded-md bg-caution-tint px-4 py-3">
      <h4 className="text-[1.1rem]">{say.pullBothWays}</h4>
      <p className="mb-2 text-[0.92rem]">{say.untilYouChoose}</p>
      <div className="flex flex-col gap-3">
        {conflicts.map(({ setting, sides, chosen }) => (
          <Choice
            key={setting}
            label={SETTING_NAMES[setting]}
            value={chosen ?? ""}
            options={[
              ...sides.map(({ wish, towards, value }) => ({
                value: wish,
                label: say.side(WISH_NAMES[wish], wayOf(setting, towards, value)),
              })),
              { value: "neither" as const, label: say.leaveAsPlanned },
            ]}
            onChoose={(winner) => choose(setting, winner)}
          />
        ))}
      </div>
    </section>
  );
}
