import type { Paper } from "@/core/record";
import type { PaperWords } from "@/words/papers/paperWords";
import { PaperFrame } from "./PaperFrame";

/** Care and limits: what makes the numbers stale, and what to look after. */
export function CareSlip({ paper, words }: { readonly paper: Paper; readonly words: PaperWords }) {
  const { care } = words;
  return (
    <PaperFrame title={care.title} paper={paper} words={words}>
      <p className="mb-1 text-[1.1rem] font-semibold">{care.stale}</p>
      <ul className="list-disc pl-5">
        {care.rules.map((rule) => (
          <li key={rule} className="py-0.5">
            {rule}
          </li>
        ))}
      </ul>
    </PaperFrame>
  );
}
