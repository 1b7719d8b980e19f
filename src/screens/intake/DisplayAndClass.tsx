"use client";
import type { FieldProblem } from "@/core/facts";
import type { ClassRule } from "@/core/law";
import { withClass, type Job } from "@/core/record";
import { useState } from "react";
import { Button, Choice } from "@/ui/primitives";
import { fieldProblemText, plain } from "@/words";
import { JobField } from "../job/JobField";
import type { ChangeJob } from "../job/stageProps";
import { WhichClass } from "./WhichClass";
import { later } from "@/ui/primitives/later";
import { DisplayOnTheBike } from "./DisplayOnTheBike";
import * as say from "@/words/screens/intake/displayAndClass";

/** Loaded where the bike is not for the road. */
const PrivateLand = later(() => import("./PrivateLand").then((module) => module.PrivateLand));
const EveryClass = later(() => import("./EveryClass").then((module) => module.EveryClass));

/** Which display is on the bike, and as what it must leave. */
export function DisplayAndClass({
  job,
  change,
  rule,
  setClass,
  acceptReading,
  readingProblem,
}: {
  readonly job: Job;
  readonly change: ChangeJob;
  readonly rule: ClassRule | null;
  readonly setClass: (edit: Partial<Job["classChoice"]>) => void;
  readonly acceptReading: boolean;
  readonly readingProblem: FieldProblem | null;
}) {
  const takeClass = (taken: ClassRule | null) =>
    void change((now) => ({ ...now, classChoice: withClass(now.classChoice, taken) }));
  return (
    <section aria-labelledby="leaves-as">
      <h3 id="leaves-as" className="mb-3 text-[1.35rem]">
        {say.displayAndClass}
      </h3>
      <div className="grid gap-4">
        <DisplayOnTheBike job={job} change={change} />
        <WhichClass rule={rule} takeClass={takeClass} />
        {job.profile ? <AgainstEvery job={job} takeClass={takeClass} /> : null}
        {rule?.acceptedReading ? (
          <div className="grid gap-3 sm:grid-cols-2">
            <Choice
              label={say.howMphIsRead(rule.assist?.value, rule.assist?.unit)}
              value={acceptReading ? "accepted" : "exact"}
              options={[
                { value: "exact", label: say.asWritten },
                { value: "accepted", label: say.acceptedAsEquivalent },
              ]}
              onChoose={(how) => setClass({ acceptReading: how === "accepted" })}
            />
            {acceptReading ? (
              <JobField
                job={job}
                place={{ in: "accepted-reading" }}
                label={say.acceptedAs}
                unit={say.kmH}
                numeric
                guess={plain(rule.acceptedReading.value)}
                problem={readingProblem ? fieldProblemText(readingProblem) : null}
              />
            ) : null}
          </div>
        ) : null}
        {rule && !rule.publicRoad ? <PrivateLand job={job} change={change} /> : null}
      </div>
    </section>
  );
}

interface AgainstEveryProps {
  readonly job: Job;
  readonly takeClass: (rule: ClassRule | null) => void;
}

/** Opens the table of all classes; choosing one there is choosing it here. */
function AgainstEvery({ job, takeClass }: AgainstEveryProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <div className="flex min-w-0 flex-col gap-2">
      <Button weight="quiet" aria-expanded={isOpen} className="-ml-4.5 self-start" onClick={() => setOpen(!isOpen)}>
        {isOpen ? say.putEveryClass : say.holdItAgainst}
      </Button>
      {isOpen ? <EveryClass job={job} onChoose={takeClass} /> : null}
    </div>
  );
}
