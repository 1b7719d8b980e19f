"use client";
import Link from "next/link";
import { setKeysAside, startRehearsal } from "@/core/record";
import { SimulatedDisplay } from "@/ui/lcd/SimulatedDisplay";
import { Button, buttonClass, useTell } from "@/ui/primitives";
import type { KeysStageProps } from "../job/stageProps";

/** The keys of the bike are done: what is claimed by that, and what is to be done next. */
export function InForce({ job, change, profile, program }: KeysStageProps) {
  const tell = useTell();
  const again = async () => {
    const deed = await change((now) => setKeysAside(now, new Date().toISOString(), "to be programmed again"));
    if (deed)
      tell("To be programmed again, from what it was last read to hold.", () => void deed.undo("programmed again"));
  };
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section>
        <h3 className="mb-2 text-[1.9rem]">Saved and in force, as told</h3>
        <p className="mb-5 max-w-[56ch] text-[1.1rem]">
          The keys of the bike were pressed, as you said.{" "}
          {profile.inForce === "at-once" ? "Saved, and it acts at once." : "Saved, and switched off and on."} What it
          holds is still a claim until it is read back.
        </p>
        <div className="flex flex-wrap gap-3">
          <Link href={`/job/${job.id}/prove`} className={buttonClass("main", true)}>
            Prove it <kbd className="code text-base opacity-80">5</kbd>
          </Link>
          <Button big onClick={() => void again()}>
            Program again
          </Button>
          <Button big weight="quiet" onClick={() => void change(startRehearsal)}>
            Rehearse
          </Button>
        </div>
      </section>
      <aside aria-label="Simulated display">
        <p className="mb-2 text-[0.95rem] text-quiet">A simulated {profile.name}, as the bike’s should stand now</p>
        <SimulatedDisplay profile={profile} state={program.state} />
      </aside>
    </div>
  );
}
