"use client";
import { INTAKE_FIELDS, readWishes, SAYS, USES, withWish, type WishId } from "@/core/facts";
import { typedAt, withTyped, type Job, type TypedPlace } from "@/core/record";
import { wishesOfSigns } from "@/core/wishes";
import { signsOfComplaint } from "@/core/faults/case";
import { COMPLAINT_WORDS } from "@/catalog/faults/complaints";
import { Button, Choice } from "@/ui/primitives";
import { Chip } from "@/ui/primitives/Chip";
import { INTAKE_WORDS } from "@/words";
import { WISH_NAMES } from "@/words/wishNames";
import type { ChangeJob } from "../../job/stageProps";
import * as say from "@/words/screens/plan/rider/wishChips";

const RIDER: TypedPlace = { in: "intake", name: "rider" };
const COMPLAINT: TypedPlace = { in: "intake", name: "complaint" };
const WISHES: TypedPlace = { in: "intake", name: "wishes" };

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
        value={typedAt(job, RIDER) || INTAKE_FIELDS.rider.guess}
        options={INTAKE_FIELDS.rider.options.map((value) => ({ value, label: words[value] ?? value }))}
        onChoose={(value) => void change((now) => withTyped(now, RIDER, value))}
      />
      <Offered said={typedAt(job, COMPLAINT)} wished={wished} toggle={toggle} />
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

interface OfferedProps {
  readonly said: string;
  readonly wished: readonly WishId[];
  readonly toggle: (wish: WishId, on: boolean) => void;
}

/** What the rider's own words may stand for; nothing is taken until it is tapped. */
function Offered({ said, wished, toggle }: OfferedProps) {
  const offered = wishesOfSigns(signsOfComplaint(COMPLAINT_WORDS, said)).filter((wish) => !wished.includes(wish));
  if (said.trim() === "" || offered.length === 0) return null;
  return (
    <div role="group" aria-label={say.itMayBe(said.trim())} className="flex flex-wrap items-center gap-2">
      <span className="text-[0.92rem] text-quiet">{say.itMayBe(said.trim())}</span>
      {offered.map((wish) => (
        <Button key={wish} onClick={() => toggle(wish, true)}>
          {WISH_NAMES[wish]}
        </Button>
      ))}
    </div>
  );
}
