"use client";
import { INTAKE_FIELDS, readWishes, SAYS, USES, withWish, type WishId } from "@/core/facts";
import { typedAt, withTyped, type Job, type TypedPlace } from "@/core/record";
import { Choice } from "@/ui/primitives";
import { later } from "@/ui/primitives/later";
import { Chip } from "@/ui/primitives/Chip";
import { INTAKE_WORDS } from "@/words";
import { WISH_NAMES } from "@/words/wishNames";
import type { ChangeJob } from "../../job/stageProps";
import { guessedUntilYouSay } from "@/words/screens/job/typedField";
import * as say from "@/words/screens/plan/rider/wishChips";

const GUESS = INTAKE_FIELDS.rider.guess;
const RIDER: TypedPlace = { in: "intake", name: "rider" };
const COMPLAINT: TypedPlace = { in: "intake", name: "complaint" };
const WISHES: TypedPlace = { in: "intake", name: "wishes" };

/** Loaded where the rider has said something. */
const Offered = later(() => import("./Offered").then((module) => module.Offered));

interface WishChipsProps {
  readonly job: Job;
  readonly change: ChangeJob;
}

/** Who rides, what for, and what they say of it: each in the words a rider would use, several at once. */
export function WishChips({ job, change }: WishChipsProps) {
  const wished = readWishes(typedAt(job, WISHES));
  const words = INTAKE_WORDS.rider.options ?? {};
  const toggle = (wish: WishId, on: boolean) =>
    void change((now) => withTyped(now, WISHES, withWish(typedAt(now, WISHES), wish, on)));
  return (
    <div className="flex flex-col gap-4">
      <Choice
        label={say.rider}
        value={typedAt(job, RIDER) || GUESS}
        {...(typedAt(job, RIDER) ? {} : { hint: guessedUntilYouSay(words[GUESS], GUESS) })}
        options={INTAKE_FIELDS.rider.options.map((value) => ({ value, label: words[value] ?? value }))}
        onChoose={(value) => void change((now) => withTyped(now, RIDER, value))}
      />
      {typedAt(job, COMPLAINT).trim() ? (
        <Offered said={typedAt(job, COMPLAINT)} wished={wished} toggle={toggle} />
      ) : null}
      {(
        [
          [say.howItIsUsed, USES],
          [say.whatTheySay, SAYS],
        ] as const
      ).map(([title, wishes]) => (
        <fieldset key={title} className="flex min-w-0 flex-col gap-1">
          <legend className="mb-1 text-[0.92rem] font-semibold">{title}</legend>
          <div className="flex flex-wrap gap-1.5">
            {wishes.map((wish) => (
              <Chip key={wish} type="checkbox" checked={wished.includes(wish)} onChange={(on) => toggle(wish, on)}>
                {WISH_NAMES[wish]}
              </Chip>
            ))}
          </div>
        </fieldset>
      ))}
    </div>
  );
}
