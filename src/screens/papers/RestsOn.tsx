import type { IntakeText } from "@/core/facts";
import { FACT_KEYS, readFacts } from "@/core/facts/everyFact";
import { NEW_PART_FIELDS } from "@/core/facts/newParts";
import { factOf } from "@/core/facts/origins";
import type { Job } from "@/core/record";
import { RuledTable } from "@/ui/primitives";
import { FACT_WORDS, factOrigin, factValue } from "@/words/facts";
import * as say from "@/words/screens/papers/restsOn";

export interface RestsOnProps {
  readonly job: Pick<Job, "intake" | "typedAt">;
  readonly guessed: readonly (keyof IntakeText)[];
}

/** What stands elsewhere on the paper, and parts only thought of. */
const NO_FACTS: ReadonlySet<string> = new Set([
  "nickname",
  "leavesThough",
  "checkedBy",
  "wishes",
  "wishWinners",
  ...Object.keys(NEW_PART_FIELDS),
]);

/** What the sheet rests on: every fact somebody gave, with how it is known; then what stands in for the rest. */
export function RestsOn({ job, guessed }: RestsOnProps) {
  const facts = readFacts(job.intake);
  const told = FACT_KEYS.filter((key) => !NO_FACTS.has(key) && facts.said(key));
  const standsIn = guessed.flatMap((key) => factOf(key, facts, job.typedAt) ?? []);
  return (
    <>
      <RuledTable label={say.tableLabel} headings={[say.fact, say.value, say.howItIsKnown]}>
        {told.flatMap((key) => {
          const fact = factOf(key, facts, job.typedAt);
          return fact ? (
            <tr key={key} className="border-b border-rule align-top">
              <td className="py-0.5 pr-2">{FACT_WORDS[key].label}</td>
              <td className="py-0.5 pr-2 break-words">{factValue(fact)}</td>
              <td className="py-0.5 text-quiet">{factOrigin(fact)}</td>
            </tr>
          ) : (
            []
          );
        })}
      </RuledTable>
      {standsIn.length > 0 ? (
        <p className="mt-1 text-[0.85rem] text-quiet">
          {say.takenAsUsual(standsIn.map((fact) => `${FACT_WORDS[fact.key].label} ${factValue(fact)}`).join("; "))}
        </p>
      ) : null}
    </>
  );
}
