"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useMemo } from "react";
import { FAULTS } from "@/catalog/faults";
import { countsOf, type FaultAnswer, type FaultCase } from "@/core/faults";
import { faultBike, faultPath, shopOf } from "@/core/record/faultPath";
import type { Job } from "@/core/record";
import { answerCase, faultCase, faultCases, getJob, oddsSince, shopHas, takeBackCaseAnswer } from "@/store";
import { Button } from "@/ui/primitives";
import { causeName } from "@/words/faults/causes";
import { checkWords } from "@/words/faults/checks";
import { signTitle } from "@/words/faults/signs";
import * as say from "@/words/screens/faults/faultPathScreen";
import { CasePanel } from "./CasePanel";

/** One case: the next check, or what was found; beside it what it may be, and what was done. */
export function FaultPathScreen({ id }: { readonly id: string }) {
  const kept = useLiveQuery(async () => {
    const each = await faultCase(id);
    const job = each?.jobId ? ((await getJob(each.jobId)) ?? null) : null;
    const shop = { ...shopOf(await shopHas()), found: countsOf(await faultCases(), await oddsSince()) };
    return { each, job, shop };
  }, [id]);
  if (!kept) return null;
  if (!kept.each)
    return (
      <div className="max-w-xl py-10">
        <h1 className="text-3xl">{say.notHere}</h1>
        <Link href="/faults" className="font-semibold underline">
          {say.toTheFaults}
        </Link>
      </div>
    );
  return <Path each={kept.each} job={kept.job} shop={kept.shop} />;
}

function Path({
  each,
  job,
  shop,
}: {
  readonly each: FaultCase;
  readonly job: Job | null;
  readonly shop: Parameters<typeof faultPath>[4];
}) {
  const about = useMemo(() => job && faultBike(job), [job]);
  const { standing, likely } = useMemo(() => faultPath(FAULTS, each, job, about, shop), [each, job, about, shop]);
  const answer = (given: FaultAnswer) => void answerCase(each.id, each.answers.length, given);
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      <div className="min-w-0">
        <p>
          <Link href="/faults" className="text-quiet underline">
            {say.faults}
          </Link>
        </p>
        <h1 className="text-[2.1rem] break-words max-sm:text-[1.6rem]">{each.signs.map(signTitle).join("; ")}</h1>
        <p className="mb-5 text-quiet">
          {job ? (
            <Link href={`/job/${job.id}/${job.stage}`} className="underline">
              {say.onBike(job.number, about?.bike.nickname ?? "")}
            </Link>
          ) : (
            say.noBike
          )}
        </p>
        <CasePanel key={each.answers.length} standing={standing} job={job} about={about} onAnswer={answer} />
      </div>
      <aside className="min-w-0">
        <section aria-labelledby="may-be">
          <h2 id="may-be" className="text-[1.4rem]">
            {say.whatItMayBe}
          </h2>
          <ul>
            {likely.slice(0, 7).map(({ cause, probability }) => (
              <li key={cause} className="border-t border-rule py-1.5">
                <span className="flex items-baseline justify-between gap-3">
                  <span>{causeName(cause)}</span>
                  <span className="tabular-nums">{say.ofHundred(probability)}</span>
                </span>
                <meter aria-hidden="true" min={0} max={1} value={probability} className="odds block h-1.5 w-full" />
              </li>
            ))}
          </ul>
        </section>
        <Done each={each} />
      </aside>
    </div>
  );
}

/** What was done so far; the last of it can be taken back. */
function Done({ each: { id, answers } }: { readonly each: FaultCase }) {
  if (answers.length === 0) return null;
  const told = (answer: FaultAnswer): string =>
    answer.kind === "check"
      ? say.checkCame(checkWords(answer.check).title, answer.shows)
      : say.mendCame(causeName(answer.cause), answer.gone);
  return (
    <section aria-labelledby="done" className="mt-6">
      <h2 id="done" className="text-[1.4rem]">
        {say.whatWasDone}
      </h2>
      <ol>
        {answers.map((answer, i) => (
          <li key={i} className="border-t border-rule py-1.5">
            {told(answer)}
          </li>
        ))}
      </ol>
      <div className="mt-2">
        <Button onClick={() => void takeBackCaseAnswer(id, answers.length)}>{say.takeBack}</Button>
      </div>
    </section>
  );
}
