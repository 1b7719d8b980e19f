"use client";
import Link from "next/link";
import { setKeysAside, startRehearsal } from "@/core/record";
import { SimulatedDisplay } from "@/ui/lcd/SimulatedDisplay";
import { Button, buttonClass, useTell } from "@/ui/primitives";
import { MoreLikeThis } from "../batch/MoreLikeThis";
import type { KeysStageProps } from "../job/stageProps";
import * as say from "@/words/screens/program/inForce";

/** The keys of the bike are done: what is claimed by that, and what is to be done next. */
export function InForce({ job, change, profile, program }: KeysStageProps) {
  const tell = useTell();
  const again = async () => {
    const deed = await change((now) => setKeysAside(now, new Date().toISOString(), say.toBeProgrammedAgain));
    if (deed) tell(say.toBeProgrammedAgainFrom, () => void deed.undo(say.programmedAgain));
  };
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section>
        <h3 className="mb-2 text-[1.9rem]">{say.savedAndInForce}</h3>
        <p className="mb-5 max-w-[56ch] text-[1.1rem]">{say.theKeysOfThe(profile.inForce)}</p>
        <div className="flex flex-wrap gap-3">
          <Link href={`/job/${job.id}/prove`} className={buttonClass("main", true)}>
            {say.proveIt}
            <kbd className="code text-base opacity-80">5</kbd>
          </Link>
          <Button big onClick={() => void again()}>
            {say.programAgain}
          </Button>
          <Button big weight="quiet" onClick={() => void change(startRehearsal)}>
            {say.rehearse}
          </Button>
          <MoreLikeThis job={job} />
        </div>
      </section>
      <aside aria-label={say.simulatedDisplay}>
        <p className="mb-2 text-[0.95rem] text-quiet">{say.aSimulatedAsThe(profile.name)}</p>
        <SimulatedDisplay profile={profile} state={program.state} />
      </aside>
    </div>
  );
}
