"use client";
import { usePathname } from "next/navigation";
import { useState } from "react";
import { getJob } from "@/store";
import { saveText } from "@/ui/primitives/saveText";
import * as say from "@/words/screens/shell/screenError";

/** Buttons of its own: the last resort is loaded with every page, and leans on as little as it can. */
const BUTTON =
  "inline-flex min-h-11 items-center rounded-md border-2 border-rule px-4 font-semibold hover:border-quiet";

interface ScreenErrorProps {
  readonly error: Error;
  readonly onRetry: () => void;
}

/** Says that a screen cannot be shown, and offers what can still be done: try again, save the bike, go back. */
export function ScreenError({ error, onRetry }: ScreenErrorProps) {
  const id = /^\/job\/([a-z0-9-]+)/.exec(usePathname() ?? "")?.[1] ?? null;
  const [missing, setMissing] = useState(false);
  const save = async (jobId: string) => {
    const job = await getJob(jobId).catch(() => undefined);
    // Written as it is stored, whatever is wrong with it.
    if (job) saveText(`odd-spoke-${jobId}.json`, `${JSON.stringify(job, null, 1)}\n`, "application/json");
    else setMissing(true);
  };
  return (
    <div role="alert" className="max-w-2xl rounded-xl bg-sheet p-6">
      <h1 className="text-[1.9rem]">{say.thisScreenCannotBe}</h1>
      <p className="my-3">{say.somethingOnItWent}</p>
      <p className="code mb-4 text-[0.85rem] break-words text-quiet">{error.message}</p>
      <div className="flex flex-wrap gap-3">
        <button type="button" className={BUTTON} onClick={onRetry}>
          {say.tryAgain}
        </button>
        {id ? (
          <button type="button" className={BUTTON} onClick={() => void save(id)}>
            {say.saveTheJobAs}
          </button>
        ) : null}
        {/* A whole new page: whatever went wrong stays behind. */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a href="/" className={BUTTON}>
          {say.backToTheRack}
        </a>
      </div>
      {missing ? <p className="mt-3 text-breach">{say.theBikeIsNot}</p> : null}
    </div>
  );
}
