import { FACT_KEYS, type Facts } from "@/core/facts";
import { RuledTable } from "@/ui/primitives";
import { FACT_WORDS, factOrigin, factValue } from "@/words/facts";

/** What the sheet rests on: every fact somebody gave, with how it is known; then what stands in for the rest. */
export function RestsOn({ facts, guessed }: { readonly facts: Facts; readonly guessed: readonly string[] }) {
  const told = FACT_KEYS.filter((key) => key !== "nickname" && key !== "leavesThough" && facts.said(key));
  const standsIn = FACT_KEYS.filter((key) => guessed.includes(key)).flatMap((key) => facts.fact(key) ?? []);
  return (
    <details className="mt-3" open>
      <summary className="font-semibold">What this rests on</summary>
      <RuledTable label="What this sheet rests on" headings={["Fact", "Value", "How it is known"]}>
        {told.flatMap((key) => {
          const fact = facts.fact(key);
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
          Nobody said, taken as usual:{" "}
          {standsIn.map((fact) => `${FACT_WORDS[fact.key].label} ${factValue(fact)}`).join("; ")}.
        </p>
      ) : null}
    </details>
  );
}
