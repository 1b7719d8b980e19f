"use client";
import type { ClassRule } from "@/core/law";
import { lacksForPrivateLand, type Job } from "@/core/record";
import { Caution, Choice } from "@/ui/primitives";
import { useClasses } from "../classes/useClasses";
import { JobField } from "../job/JobField";
import type { ChangeJob } from "../job/stageProps";
import * as say from "@/words/screens/intake/privateLand";

interface PrivateLandProps {
  readonly job: Job;
  readonly change: ChangeJob;
}

/** Private land as a decision: whose land, written down and dated, and the road class to go back to. */
export function PrivateLand({ job, change }: PrivateLandProps) {
  const { all } = useClasses();
  const { acknowledged, acknowledgedAt, roadClass } = job.classChoice;
  const lacks = lacksForPrivateLand(job);
  const roads = all.filter(({ publicRoad }) => publicRoad);
  const take = (rule: ClassRule | undefined) =>
    void change((now) => (rule ? { ...now, classChoice: { ...now.classChoice, roadClass: rule } } : now));
  return (
    <div className="flex flex-col gap-3">
      <Caution>{say.decided}</Caution>
      <JobField
        job={job}
        place={{ in: "acknowledged" }}
        label={say.acknowledgedInWriting}
        long
        hint={acknowledged.trim() && acknowledgedAt ? say.acknowledgedOn(acknowledgedAt) : say.whoseLandAndThat}
        problem={lacks === "acknowledgement" ? say.writeWhoseLandIt : null}
      />
      <Choice
        label={say.goesBackTo}
        value={roadClass?.id ?? ""}
        {...(roadClass ? {} : { hint: say.chooseOne })}
        options={roads.map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={(id) => take(roads.find((rule) => rule.id === id))}
      />
    </div>
  );
}
