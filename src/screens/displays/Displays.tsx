"use client";
import type { DisplayProfile } from "@/core/display";
import { removeDisplay, restoreDisplay } from "@/store";
import { useKeptState, useTell } from "@/ui/primitives";
import { profileProblemText } from "@/words/profiles";
import { later } from "@/ui/primitives/later";
import { useRouter, useSearchParams } from "next/navigation";
import { useState } from "react";
import { ChosenDisplay } from "./ChosenDisplay";
import { DisplayList } from "./DisplayList";
import { DisplaysHead } from "./DisplaysHead";
import { FreeDisplay } from "./FreeDisplay";
import { RefusedFile } from "./RefusedFile";
import { useDisplays } from "./useDisplays";
import * as say from "@/words/screens/displays/displays";

const ForBike = later(() => import("./ForBike").then((module) => module.ForBike));

/** What makes new displays is loaded when one is made. */
const newDisplays = () => import("@/store/newDisplays");

/** The displays this copy knows: to press, to vary, to describe anew. */
export function Displays() {
  const router = useRouter();
  const tell = useTell();
  const displays = useDisplays();
  const [chosen, setChosen] = useKeptState("display", "");
  const params = useSearchParams();
  const forJob = params.get("for");
  // Where a bike waits for its display, the way back to it goes along.
  const carry = forJob ? `?for=${forJob}` : "";
  const [asking, setAsking] = useState(params.get("ask") === "which");
  const [refused, setRefused] = useState<readonly string[]>([]);
  if (!displays) return null;
  const profile = displays.all.find(({ id }) => id === chosen) ?? displays.all[0];
  const isOwn = displays.own.some(({ id }) => id === profile?.id);

  const describe = async () => {
    const fresh = await (await newDisplays()).addDisplay(say.newDisplay);
    router.push(`/displays/${fresh.id}${carry}`);
  };
  const vary = async (from: DisplayProfile) => {
    const copy = await (await newDisplays()).cloneDisplay(from);
    router.push(`/displays/${copy.id}${carry}`);
  };
  const take = async (file: File) => {
    const reading = await (await newDisplays()).importDisplay(await file.text());
    if (!reading.ok) return setRefused(reading.problems.map((problem) => profileProblemText(problem)));
    setRefused([]);
    setChosen(reading.profile.id);
    tell(say.isInTheLibrary(reading.profile.name), () => void removeDisplay(reading.profile.id));
  };
  const drop = async (gone: DisplayProfile) => {
    await removeDisplay(gone.id);
    setChosen("");
    tell(say.wasTakenOutJobs(gone.name), () => void restoreDisplay(gone));
  };

  return (
    <div>
      <DisplaysHead displays={displays} take={take} describe={describe} />
      {forJob && profile ? <ForBike jobId={forJob} display={profile} /> : null}
      <RefusedFile refused={refused} />

      <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[200px_minmax(0,1fr)_300px]">
        <DisplayList
          displays={displays}
          profile={profile}
          setChosen={setChosen}
          setAsking={setAsking}
          asking={asking}
        />
        {profile ? (
          <>
            <ChosenDisplay profile={profile} isOwn={isOwn} carry={carry} forJob={forJob} vary={vary} drop={drop} />
            <aside aria-label={say.simulatedDisplay} className="self-start max-lg:max-w-[340px] lg:sticky lg:top-4">
              <FreeDisplay key={`${profile.id}.${profile.revision}`} profile={profile} />
            </aside>
          </>
        ) : null}
      </div>
    </div>
  );
}
