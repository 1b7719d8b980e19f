import type { Outcome } from "@/core/benches/outcome";
import { NumberTable } from "@/ui/primitives";
import type { Voice } from "@/words";
import { OUTCOMES } from "@/words/outcomes";
import * as say from "@/words/screens/plan/outcomes";

interface OutcomesProps {
  readonly found: Outcome;
  readonly target: Outcome;
  readonly whatIf: Outcome;
  /** Whether any line was moved off its target. */
  readonly moved: boolean;
  readonly voice: Voice;
}

/** What the values come to, side by side: as found, as planned, and with the lines moved. */
export function Outcomes({ found, target, whatIf, moved, voice }: OutcomesProps) {
  return (
    <NumberTable
      caption={say.whatTheValuesCome}
      hideCaption
      headings={[say.itComesTo, say.asFound, say.target, say.whatIf]}
      rows={OUTCOMES.map(({ what, of, working }) => {
        const [a, b, c] = [found, target, whatIf].map((outcome) => of(outcome, voice) ?? "—");
        return {
          key: what,
          head: what,
          cells: [
            <span key="a" className="inline-block max-w-28 whitespace-normal text-quiet">
              {a}
            </span>,
            <span key="b" className="inline-block max-w-28 whitespace-normal">
              {b}
            </span>,
            moved ? (
              <span
                key="c"
                className={`inline-block max-w-28 whitespace-normal ${c === b ? "text-quiet" : "font-bold"}`}
              >
                {c}
              </span>
            ) : (
              <span key="c" className="text-quiet">
                —
              </span>
            ),
          ],
          working: working(moved ? whatIf : target, voice),
        };
      })}
    />
  );
}
