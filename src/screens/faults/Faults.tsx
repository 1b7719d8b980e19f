"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useRouter, useSearchParams } from "next/navigation";
import { useState } from "react";
import { CODE_WORDS } from "@/catalog/faults/codeWords";
import { SIGN_OF_CHECK, SIGNS } from "@/catalog/faults/signs";
import { causeFound, PART_CAUSES, signOfCode } from "@/core/faults";
import { beginCase, faultCases, getJob, removeCase, restoreCase } from "@/store";
import { Button, Caution, Chip, Pick, useTell } from "@/ui/primitives";
import { dayAndTime } from "@/words/speak";
import { causeName } from "@/words/faults/causes";
import { PART_WORDS } from "@/words/faults/checks";
import { signTitle } from "@/words/faults/signs";
import * as say from "@/words/screens/faults/faults";
import { useRack } from "../rack/useRack";
import { ShopHas } from "./ShopHas";
import { SignList } from "./SignList";

/** Faults: what does the bike show? From there the checks that find the cause soonest. */
export function Faults() {
  const query = useSearchParams();
  const asked = query.get("job");
  const failed = SIGN_OF_CHECK[query.get("check") ?? ""];
  const router = useRouter();
  const [jobId, setJobId] = useState(asked ?? "");
  const job = useLiveQuery(() => (jobId === "" ? undefined : getJob(jobId)), [jobId]);
  const [signs, setSigns] = useState<readonly string[]>(failed ? [failed] : []);
  const [changed, setChanged] = useState<readonly string[]>([]);
  const toggled = (list: readonly string[], each: string): readonly string[] =>
    list.includes(each) ? list.filter((other) => other !== each) : [...list, each];
  const begin = async () => {
    const made = await beginCase({ jobId: jobId === "" ? null : jobId, signs, changed });
    router.push(`/faults/${made.id}`);
  };
  const codes = (job?.profile?.faultCodes ?? []).map(({ code, says }) => ({
    code,
    says,
    sign: signOfCode(CODE_WORDS, says),
  }));
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
      <div className="min-w-0">
        <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.faults}</h1>
        <p className="mb-4 text-quiet">{say.howItGoes}</p>
        <WhichBike jobId={jobId} onPick={setJobId} />
        <div className="mt-5 flex flex-wrap items-center gap-4">
          <Button weight="main" disabled={signs.length === 0} onClick={() => void begin()}>
            {say.findTheCause}
          </Button>
          <span className="text-quiet">{signs.length === 0 ? say.chooseFirst : signs.map(signTitle).join("; ")}</span>
        </div>
        <SignList
          signs={SIGNS.map(({ id, from }) => ({ id, from }))}
          codes={codes}
          complaint={job?.intake.complaint ?? ""}
          chosen={signs}
          onToggle={(sign) => setSigns((now) => toggled(now, sign))}
        />
        <fieldset className="mt-5">
          <legend className="text-[0.92rem] font-semibold">{say.whatWasChanged}</legend>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {Object.keys(PART_CAUSES).map((part) => (
              <Chip
                key={part}
                type="checkbox"
                checked={changed.includes(part)}
                onChange={() => setChanged((now) => toggled(now, part))}
              >
                {PART_WORDS[part]}
              </Chip>
            ))}
          </div>
        </fieldset>
        <div className="mt-6">
          <Caution>{say.wheelClear}</Caution>
        </div>
      </div>
      <aside className="min-w-0">
        <CaseList />
        <ShopHas />
      </aside>
    </div>
  );
}

/** The bike it is about, or none that is on the rack. */
function WhichBike({ jobId, onPick }: { readonly jobId: string; readonly onPick: (id: string) => void }) {
  const rack = useRack();
  const bikes = (rack?.tickets ?? []).map(({ id, number, nickname }) => ({
    value: id,
    label: say.bikeOption(number, nickname),
  }));
  return (
    <div className="max-w-md">
      <Pick
        label={say.whichBike}
        value={jobId}
        options={[{ value: "", label: say.noBike }, ...bikes]}
        onPick={onPick}
      />
    </div>
  );
}

/** Cases looked into, the newest first. */
function CaseList() {
  const cases = useLiveQuery(() => faultCases());
  const tell = useTell();
  const drop = async (id: string) => {
    const gone = await removeCase(id);
    if (gone) tell(say.caseGone, () => void restoreCase(gone));
  };
  return (
    <section aria-labelledby="cases">
      <h2 id="cases" className="text-[1.4rem]">
        {say.cases}
      </h2>
      {cases?.length === 0 ? <p className="text-quiet">{say.noCases}</p> : null}
      <ul>
        {(cases ?? []).map((each) => {
          const found = causeFound(each);
          return (
            <li key={each.id} className="flex items-baseline justify-between gap-3 border-t border-rule py-2">
              <Link href={`/faults/${each.id}`} className="min-w-0 underline">
                {each.signs.map(signTitle).join("; ")}
                <span className="block text-[0.9rem] text-quiet no-underline">
                  {say.caseState(dayAndTime(each.begunAt), found === null ? null : causeName(found))}
                </span>
              </Link>
              <Button
                weight="quiet"
                onClick={() => void drop(each.id)}
                aria-label={say.takeOut(signTitle(each.signs[0] ?? ""))}
              >
                {say.remove}
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
