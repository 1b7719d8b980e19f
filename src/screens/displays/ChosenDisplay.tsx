"use client";
import type { DisplayProfile } from "@/core/display";
import { Button, buttonClass } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import Link from "next/link";
import { DisplaySheet } from "./DisplaySheet";
import * as say from "@/words/screens/displays/chosenDisplay";

/** The display chosen: what can be done with it, and all it is. */
export function ChosenDisplay({
  profile,
  isOwn,
  carry,
  forJob,
  vary,
  drop,
}: {
  readonly profile: DisplayProfile;
  readonly isOwn: boolean;
  readonly carry: string;
  readonly forJob: string | null;
  readonly vary: (from: DisplayProfile) => Promise<void>;
  readonly drop: (gone: DisplayProfile) => Promise<void>;
}) {
  return (
    <article aria-label={profile.name} className="min-w-0">
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-2">
        <h2 className="text-[1.7rem] break-words">{profile.name}</h2>
        <span className="text-quiet">{profile.variant}</span>
      </div>
      <div className="mb-3 flex flex-wrap gap-2">
        {isOwn ? (
          <Link href={`/displays/${profile.id}${carry}`} className={buttonClass(forJob ? "plain" : "main")}>
            {say.openInTheWorkbench}
          </Link>
        ) : null}
        <Button onClick={() => void vary(profile)}>{say.cloneAndVary}</Button>
        <Button
          onClick={() =>
            saveText(
              `odd-spoke-display-${profile.id}.json`,
              `${JSON.stringify(profile, null, 1)}\n`,
              "application/json",
            )
          }
        >
          {say.saveAsAFile}
        </Button>
        {isOwn ? (
          <Button weight="quiet" onClick={() => void drop(profile)}>
            {say.takeItOut}
          </Button>
        ) : null}
      </div>
      <DisplaySheet profile={profile} />
    </article>
  );
}
