"use client";
import type { DisplayName } from "@/catalog/displays/names";
import type { DisplayProfile } from "@/core/display";
import { swapDisplay, type Job } from "@/core/record";
import { Choice, FindingLine, useTell } from "@/ui/primitives";
import { count } from "@/words";
import { later } from "@/ui/primitives/later";
import Link from "next/link";
import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { displayOf, useDisplaysAtHand } from "../job/displaysAtHand";
import type { StageProps } from "../job/stageProps";
import * as say from "@/words/screens/intake/displayOnTheBike";

const SwapDisplay = later(() => import("./SwapDisplay").then((module) => module.SwapDisplay));

/** Whether something of the display now on the bike has been written down or keyed in: another one is then a swap. */
const isInUse = (job: Job): boolean =>
  job.profile !== null &&
  (job.program !== null || job.held !== null || Object.values(job.asFound.shown).some((typed) => typed.trim() !== ""));

interface Unsound {
  readonly id: string;
  readonly name: string;
  readonly problems: number;
}

/**
 * Which display is on the bike. Changing it once lines are written down is a swap, and shows first what becomes of
 * them.
 */
export function DisplayOnTheBike({ job, change }: Pick<StageProps, "job" | "change">) {
  const tell = useTell();
  const { known, own } = useDisplaysAtHand();
  const [swapTo, setSwapTo] = useState<DisplayProfile | null>(null);
  const [unsound, setUnsound] = useState<Unsound | null>(null);
  const mine: readonly DisplayName[] =
    job.profile && !known.some(({ id }) => id === job.profile?.id) ? [job.profile] : [];

  const take = async (profile: DisplayProfile) => {
    // A description that does not hold together cannot be planned on, nor travel in a job's file.
    const { readProfile } = await import("@/core/display/readProfile");
    const reading = readProfile(profile);
    if (!reading.ok) return setUnsound({ id: profile.id, name: profile.name, problems: reading.problems.length });
    setUnsound(null);
    if (isInUse(job)) setSwapTo(profile);
    else void change((now) => (isInUse(now) ? now : { ...now, profile, overrides: {}, carried: {}, unlocked: {} }));
  };
  const choose = async (id: string) => {
    if (id === job.profile?.id) return;
    const profile = await displayOf(id);
    if (profile) await take(profile);
  };
  useBroughtBack(choose);
  const newer = own.find(({ id, revision }) => id === job.profile?.id && revision !== job.profile.revision);
  return (
    <div>
      <Choice
        label={say.displayOnTheBike}
        value={job.profile?.id ?? ""}
        options={[...mine, ...known].map((profile) => ({ value: profile.id, label: profile.name }))}
        onChoose={(id) => void choose(id)}
        hint={job.profile?.variant}
      />
      {job.profile ? null : (
        <p className="mt-1 text-[0.9rem] text-quiet">
          {say.notAmongThem}{" "}
          <Link href={`/displays?for=${job.id}`} className="font-semibold text-ink underline underline-offset-4">
            {say.describeItUnderDisplays}
          </Link>{" "}
          {say.andComeBackWith}
        </p>
      )}
      <NotSound unsound={unsound} job={job} />
      {newer && !job.program && !job.held ? (
        <p className="mt-1 flex flex-wrap items-center gap-x-3 text-[0.9rem]">
          {say.itsDescriptionHasChanged}
          {job.profile?.revision}
          {say.here}
          {newer.revision}
          {say.now}
          <button
            type="button"
            className="min-h-9 font-semibold underline underline-offset-4"
            onClick={() => void change((now) => (now.program || now.held ? now : { ...now, profile: newer }))}
          >
            {say.useTheNewOne}
          </button>
        </p>
      ) : null}
      {swapTo ? (
        <SwapDisplay
          job={job}
          to={swapTo}
          onClose={() => setSwapTo(null)}
          onSwap={async () => {
            setSwapTo(null);
            const deed = await change((now) => swapDisplay(now, swapTo, new Date().toISOString()));
            if (deed) tell(say.isOnTheBike(swapTo.name), () => void deed.undo("display swapped"));
          }}
        />
      ) : null}
    </div>
  );
}

/** Why a description cannot be put on a bike yet. */
function NotSound({ unsound, job }: { readonly unsound: Unsound | null; readonly job: Job }) {
  return unsound ? (
    <div className="mt-2">
      <FindingLine severity="caution">
        {unsound.name}
        {say.cannotBePutOn}
        {count(unsound.problems, "thing")}
        {say.inItsDescriptionTo}{" "}
        <Link href={`/displays/${unsound.id}?for=${job.id}`} className="font-semibold underline underline-offset-4">
          {say.mendItInThe}
        </Link>
      </FindingLine>
    </div>
  ) : null;
}

/** A display chosen or described under Displays comes back with the address; it is taken once. */
function useBroughtBack(choose: (id: string) => Promise<void>): void {
  const router = useRouter();
  const brought = useSearchParams().get("display");
  const taken = useRef<string | null>(null);
  useEffect(() => {
    if (!brought || taken.current === brought) return;
    taken.current = brought;
    void choose(brought).finally(() => router.replace(window.location.pathname));
  }, [brought, choose, router]);
}
