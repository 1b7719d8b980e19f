"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { later } from "@/ui/primitives/later";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useClasses } from "../classes/useClasses";
import { ForBike } from "../displays/ForBike";
import { useEffect, useRef, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import { checkProfile } from "@/core/display/check";
import { classesNotHeld } from "@/core/sheet";
import { isOnScreen, ownDisplay } from "@/store";
import { Choice, KeptField, SignShape, useKeptState } from "@/ui/primitives";
import { count, duration, encodeProblemText } from "@/words";
import { profileProblemText } from "@/words/profiles";
import { tourOf } from "@/workers/keysClient";
import type { Tour } from "@/workers/keys.worker";
import { FreeDisplay } from "../displays/FreeDisplay";
import { LineGrid } from "./LineGrid";
import { SettingsKnown } from "./SettingField";
import { StepsBack } from "./StepsBack";
import { useEdits } from "./useEdits";

const KeysPanel = later(() => import("./KeysPanel").then((module) => module.KeysPanel));
const MenuPanel = later(() => import("./menu/MenuPanel").then((module) => module.MenuPanel));
const DisplayPanel = later(() => import("./DisplayPanel").then((module) => module.DisplayPanel));
const WalkPanel = later(() => import("./WalkPanel").then((module) => module.WalkPanel));
const LeafletPanel = later(() => import("./LeafletPanel").then((module) => module.LeafletPanel));
const FilesPanel = later(() => import("./FilesPanel").then((module) => module.FilesPanel));
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/workbench";

/** Longest name and variant, characters. */
const LONGEST_NAME = 200;

const PARTS = [
  { value: "walk", label: say.walkIt },
  { value: "leaflet", label: say.leaflet },
  { value: "keys", label: say.keys },
  { value: "menu", label: say.menu },
  { value: "lines", label: say.lines },
  { value: "display", label: say.display },
  { value: "files", label: say.files },
] as const;

/** The workbench: a display nobody has described yet, put into words, with a simulated one living beside. */
export function Workbench({ id }: { readonly id: string }) {
  const found = useLiveQuery(async () => {
    const profile = await ownDisplay(id);
    if (profile) isOnScreen(profile);
    return { profile };
  }, [id]);
  if (!found) return null;
  if (!found.profile)
    return (
      <div className="max-w-xl py-10">
        <h1 className="text-3xl">{say.thisDisplayIsNot}</h1>
        <p className="my-4 text-quiet">{say.displaysThatShipCan}</p>
        <Link href="/displays" className="font-semibold underline">
          {say.toTheDisplays}
        </Link>
      </div>
    );
  return <Described stored={found.profile} />;
}

/** A display on the bench: its names, its parts, and how it stands. */
function Described({ stored }: { readonly stored: DisplayProfile }) {
  const edits = useEdits(stored);
  const { profile, change } = edits;
  const { id } = profile;
  const [part, setPart] = useKeptState(`workbench.${id}`, "leaflet");
  const forJob = useSearchParams().get("for");
  return (
    <div>
      <Link href={forJob ? `/displays?for=${forJob}` : "/displays"} className="text-quiet underline underline-offset-4">
        {say.displays}
      </Link>
      {forJob ? <ForBike jobId={forJob} display={profile} /> : null}
      <h1 className="sr-only">{say.workbenchWorkbench(profile.name)}</h1>
      <div className="mt-2 mb-4 flex flex-wrap items-start gap-x-6 gap-y-3">
        <div className="min-w-56 flex-1">
          <KeptField
            of={`${id} name`}
            label={say.whatYouCallIt}
            longest={LONGEST_NAME}
            value={profile.name}
            onKeep={(name) => (name.trim() ? change((now) => ({ ...now, name })) : undefined)}
            inputClass="font-head text-xl font-bold"
          />
        </div>
        <div className="min-w-56 flex-1">
          <KeptField
            of={`${id} variant`}
            label={say.whichVariant}
            longest={LONGEST_NAME}
            value={profile.variant}
            onKeep={(variant) => (variant.trim() ? change((now) => ({ ...now, variant })) : undefined)}
            hint={say.lineCountMarksFirmware}
          />
        </div>
      </div>
      <div className="mb-5 flex flex-wrap items-end justify-between gap-3">
        <Choice label={say.partOfTheDescription} hideLabel value={part} options={PARTS} onChoose={setPart} />
        <StepsBack edits={edits} />
      </div>
      <SettingsKnown />
      <div className={part === "walk" ? "" : "grid gap-8 lg:grid-cols-[minmax(0,1fr)_300px]"}>
        <div className="min-w-0">
          <Part part={part} profile={profile} change={change} onDone={() => setPart("lines")} />
        </div>
        {/* While the display in hand is walked, what is described so far is no picture of it. */}
        {part === "walk" ? null : (
          <aside aria-label={say.howItStands} className="self-start max-lg:max-w-[360px] lg:sticky lg:top-4">
            <Standing profile={profile} />
          </aside>
        )}
      </div>
    </div>
  );
}

type PartName = (typeof PARTS)[number]["value"];

/** One part of the description. */
function Part({ part, onDone, ...props }: WorkbenchProps & { readonly part: string; readonly onDone: () => void }) {
  const PARTS_DRAWN: Readonly<Record<PartName, () => React.ReactNode>> = {
    walk: () => <WalkPanel {...props} onDone={onDone} />,
    leaflet: () => <LeafletPanel {...props} onDone={onDone} />,
    keys: () => <KeysPanel {...props} />,
    menu: () => <MenuPanel {...props} />,
    lines: () => <LineGrid {...props} />,
    display: () => <DisplayPanel {...props} />,
    files: () => <FilesPanel {...props} />,
  };
  return (PARTS_DRAWN[part as PartName] ?? PARTS_DRAWN.leaflet)();
}

/**
 * How long typing must rest before the tour is asked for, ms: a deep menu keeps the worker busy for a second or two.
 */
const TOUR_REST_MS = 700;

/**
 * The keys that read every line; null until the hands rest, and while the description does not hold. Names and notes do
 * not start it again.
 */
function useTour(profile: DisplayProfile, sound: boolean): Tour | null {
  const manner = sound ? JSON.stringify({ ...profile, name: "", variant: "", source: "", revision: 0 }) : null;
  const latest = useRef(profile);
  const [kept, setKept] = useState<{ readonly manner: string; readonly tour: Tour | null } | null>(null);
  useEffect(() => {
    latest.current = profile;
  }, [profile]);
  useEffect(() => {
    if (manner === null) return;
    let gone = false;
    const rest = setTimeout(() => {
      void tourOf(latest.current).then((tour) => {
        if (!gone) setKept({ manner, tour });
      });
    }, TOUR_REST_MS);
    return () => {
      gone = true;
      clearTimeout(rest);
    };
  }, [manner]);
  return kept && kept.manner === manner ? kept.tour : null;
}

/** What is wrong with the description, at once; and the display it makes, to press. */
function Standing({ profile }: { readonly profile: DisplayProfile }) {
  const problems = checkProfile(profile);
  const { all: classes } = useClasses();
  const notHeld = classesNotHeld(profile, classes);
  const tour = useTour(profile, problems.length === 0);
  return (
    <>
      {problems.length > 0 ? (
        <section aria-label={say.problems} className="mb-4 rounded-xl bg-sheet p-4">
          <h2 className="mb-2 text-[1.15rem]">{say.thingToMend(problems.length)}</h2>
          <ul className="flex flex-col gap-1.5 text-[0.95rem]">
            {problems.slice(0, 8).map((problem) => (
              <li key={problem.path + problem.key} className="flex items-baseline gap-2">
                <SignShape sign="breach" /> <span>{profileProblemText(problem)}</span>
              </li>
            ))}
          </ul>
        </section>
      ) : (
        <>
          <p className="mb-2 flex items-baseline gap-2">
            <SignShape sign="done" />
            {say.itWorksPressIt}
          </p>
          <FreeDisplay key={profile.revision} profile={profile} />
          {tour ? (
            <p className="mt-3 text-[0.95rem]">
              {say.keysToReadEvery}
              <strong>{count(tour.presses, "press", "presses")}</strong>, {duration(tour.totalMs)}.
            </p>
          ) : null}
        </>
      )}
      {notHeld.length > 0 ? (
        <section aria-label={say.classesItsCapCannot} className="mt-4 border-t border-rule pt-3 text-[0.95rem]">
          <h2 className="mb-1 text-[1.05rem]">{say.itsCapLineAgainst}</h2>
          <ul className="flex flex-col gap-1">
            {notHeld.map(({ code, className, problem }) => (
              <li key={code + className} className="flex items-baseline gap-2">
                <SignShape sign="caution" />
                <span>{say.workbenchLine(code, className, encodeProblemText(problem))}</span>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </>
  );
}
