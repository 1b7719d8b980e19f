"use client";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useRouter, useSearchParams } from "next/navigation";
import { useState } from "react";
import type { DisplayProfile } from "@/core/display";
import { removeDisplay, restoreDisplay } from "@/store";
import { Button, buttonClass, FilePick, SignShape, useKeptState, useTell } from "@/ui/primitives";
import { count } from "@/ui/wording";
import { profileProblemText } from "@/ui/wording/profiles";
import { saveText } from "@/ui/primitives/saveText";
import { DisplaySheet, FreeDisplay } from "./DisplaySheet";
import { useDisplays } from "./useDisplays";

const ForBike = dynamic(() => import("./ForBike").then((module) => module.ForBike), { ssr: false });
const WhichIsIt = dynamic(() => import("./WhichIsIt").then((module) => module.WhichIsIt), { ssr: false });

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
    const fresh = await (await newDisplays()).addDisplay("New display");
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
    tell(`${reading.profile.name} is in the library.`, () => void removeDisplay(reading.profile.id));
  };
  const drop = async (gone: DisplayProfile) => {
    await removeDisplay(gone.id);
    setChosen("");
    tell(
      `${gone.name} was taken out. Jobs keep the description they were planned with.`,
      () => void restoreDisplay(gone),
    );
  };

  return (
    <div>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[2.1rem]">Displays</h1>
          <p className="text-quiet">
            {displays.shipped.length} invented, to learn on · {displays.own.length} described here
          </p>
        </div>
        <div className="flex flex-wrap gap-2.5">
          <FilePick
            weight="quiet"
            label="Display file to import"
            accept=".json,application/json"
            onPick={(file) => void take(file)}
          >
            Import a display
          </FilePick>
          <Link href="/displays/compare" className={buttonClass()}>
            Compare two
          </Link>
          <Button weight="main" onClick={() => void describe()}>
            Describe a display
          </Button>
        </div>
      </div>
      {forJob && profile ? <ForBike jobId={forJob} display={profile} /> : null}
      {refused.length > 0 ? (
        <div role="alert" className="mb-4 rounded-md bg-breach-tint p-4">
          <p className="font-semibold">This file was not taken in. Nothing on this machine was changed.</p>
          <ul className="mt-1">
            {refused.slice(0, 5).map((text) => (
              <li key={text} className="flex items-baseline gap-2">
                <SignShape sign="breach" /> <span className="break-words">{text}</span>
              </li>
            ))}
          </ul>
        </div>
      ) : null}

      <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[200px_minmax(0,1fr)_300px]">
        <nav aria-label="Displays" className="self-start">
          <ul>
            {displays.all.map((each) => (
              <li key={each.id} className="border-t border-rule">
                <button
                  type="button"
                  aria-current={each.id === profile?.id ? "true" : undefined}
                  onClick={() => setChosen(each.id)}
                  className={`block min-h-12 w-full border-l-4 px-3 py-1.5 text-left ${each.id === profile?.id ? "border-action bg-sheet" : "border-transparent hover:bg-sheet"}`}
                >
                  <span className="block font-head font-bold break-words">{each.name}</span>
                  <span className="block text-[0.82rem] text-quiet">
                    {count(each.lines.length, "line")},{" "}
                    {count(each.keys.filter((key) => key.part === "key").length, "key")}
                    {displays.own.includes(each) ? ", described here" : ""}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <Button className="mt-4 w-full" onClick={() => setAsking(true)}>
            Which of these is it?
          </Button>
          {asking ? <WhichIsIt displays={displays.all} onFound={setChosen} onClose={() => setAsking(false)} /> : null}
        </nav>
        {profile ? (
          <>
            <article aria-label={profile.name} className="min-w-0">
              <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-2">
                <h2 className="text-[1.7rem] break-words">{profile.name}</h2>
                <span className="text-quiet">{profile.variant}</span>
              </div>
              <div className="mb-3 flex flex-wrap gap-2">
                {isOwn ? (
                  <Link href={`/displays/${profile.id}${carry}`} className={buttonClass(forJob ? "plain" : "main")}>
                    Open in the workbench
                  </Link>
                ) : null}
                <Button onClick={() => void vary(profile)}>Clone and vary</Button>
                <Button
                  onClick={() =>
                    saveText(
                      `odd-spoke-display-${profile.id}.json`,
                      `${JSON.stringify(profile, null, 1)}\n`,
                      "application/json",
                    )
                  }
                >
                  Save as a file
                </Button>
                {isOwn ? (
                  <Button weight="quiet" onClick={() => void drop(profile)}>
                    Take it out
                  </Button>
                ) : null}
              </div>
              <DisplaySheet profile={profile} />
            </article>
            <aside aria-label="Simulated display" className="self-start max-lg:max-w-[340px] lg:sticky lg:top-4">
              <FreeDisplay key={`${profile.id}.${profile.revision}`} profile={profile} />
            </aside>
          </>
        ) : null}
      </div>
    </div>
  );
}
