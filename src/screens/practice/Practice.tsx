"use client";
import { useSearchParams } from "next/navigation";
import { Choice, Pick, useKeptState } from "@/ui/primitives";
import { later } from "@/ui/primitives/later";
import * as say from "@/words/screens/practice/practice";
import { useDisplays } from "../displays/useDisplays";

const FaultPractice = later(() => import("./FaultPractice").then((module) => module.FaultPractice));
const FreeRide = later(() => import("./FreeRide").then((module) => module.FreeRide));
const KeyPractice = later(() => import("./KeyPractice").then((module) => module.KeyPractice));

const OwnRide = later(() => import("./OwnRide").then((module) => module.OwnRide));

const KINDS = ["free", "odd-line", "fewest-presses", "rescue", "which-line-lies", "fault"] as const;

/** The practice bench: a whole bike to ride and to press, and exercises with a best way to hold one's own against. */
export function Practice() {
  const query = useSearchParams();
  const [wanted, jobId] = [query.get("display"), query.get("job")];
  const displays = useDisplays();
  const [kept, keep] = useKeptState(`practice-kind${jobId ?? ""}`, "free");
  const [chosen, choose] = useKeptState("practice-display", "");
  if (!displays) return null;
  const kind = KINDS.find((each) => each === kept) ?? "free";
  const byId = (id: string | null) => displays.all.find((each) => each.id === id);
  const profile = byId(chosen) ?? byId(wanted) ?? displays.all[0];
  return (
    <div className="min-w-0">
      <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.practice}</h1>
      <div className="mt-2 mb-3 flex flex-wrap items-end gap-x-8 gap-y-3">
        <Choice
          label={say.whatTo}
          hideLabel
          value={kind}
          options={KINDS.map((value) => ({ value, label: say.KINDS[value] }))}
          onChoose={keep}
        />
        {kind === "fault" || (kind === "free" && jobId !== null) ? null : (
          <div className="w-56">
            <Pick
              label={say.display}
              value={profile?.id ?? ""}
              options={displays.all.map(({ id, name }) => ({ value: id, label: name }))}
              onPick={choose}
            />
          </div>
        )}
      </div>
      <p className="mb-4 max-w-[80ch] text-quiet">{say.INTRO[kind]}</p>
      {kind === "fault" ? (
        <FaultPractice />
      ) : kind === "free" && jobId !== null ? (
        <OwnRide jobId={jobId} />
      ) : profile === undefined ? null : kind === "free" ? (
        <FreeRide key={profile.id} profile={profile} />
      ) : (
        <KeyPractice key={`${kind} ${profile.id}`} kind={kind} profile={profile} />
      )}
    </div>
  );
}
