import Link from "next/link";
import type { Job } from "@/core/record";
import type { SheetFinding } from "@/core/sheet";
import { WISH_SIGNS, type Granted, type Granting } from "@/core/wishes";
import { SignShape } from "@/ui/primitives";
import { SETTING_NAMES, type Voice } from "@/words";
import { WISH_NAMES } from "@/words/wishNames";
import { fateText, WISH_MEANS } from "@/words/wishes";
import * as say from "@/words/screens/plan/rider/wishesTold";

interface WishesToldProps {
  readonly job: Job;
  readonly wishes: Granting<SheetFinding>;
  readonly voice: Voice;
  readonly setLine: (code: string) => void;
}

type Told = Granted<SheetFinding>;
const codeOf = ({ fate }: Told): string | null => ("code" in fate ? fate.code : null);

/** What became of each wish: the lines it moved, and why it left the others. */
export function WishesTold({ job, wishes: { granted }, voice, setLine }: WishesToldProps) {
  const wished = [...new Set(granted.map(({ wish }) => wish))];
  if (wished.length === 0) return <p className="text-quiet">{say.noneYet}</p>;
  return (
    <section aria-label={say.whatBecameOfThem} className="flex flex-col gap-4">
      {wished.map((wish) => {
        const told = granted.filter((each) => each.wish === wish);
        const here = told.filter(({ fate }) => fate.kind !== "no-line");
        const nowhere = told.filter(({ fate }) => fate.kind === "no-line");
        return (
          <div key={wish} className="border-t border-rule pt-2">
            <h4 className="text-[1.15rem]">
              {WISH_NAMES[wish]}{" "}
              <span className="text-[0.9rem] font-normal text-quiet">
                {say.moves(told.filter(({ fate }) => fate.kind === "moved").length)}
              </span>
            </h4>
            <p className="mb-1 text-[0.92rem] text-quiet">{WISH_MEANS[wish]}</p>
            <ul className="flex flex-col">
              {here.map((each) => (
                <WishedLine key={each.setting} told={each} voice={voice} setLine={setLine} />
              ))}
            </ul>
            {nowhere.length > 0 && here.length === 0 ? (
              <p className="text-[0.92rem] text-quiet">
                {say.noLineFor(nowhere.map(({ setting }) => SETTING_NAMES[setting].toLowerCase()).join(", "))}
              </p>
            ) : null}
            {WISH_SIGNS[wish] ? (
              <Link href={`/faults?job=${job.id}`} className="inline-flex min-h-9 items-center underline">
                {say.findTheCause}
              </Link>
            ) : null}
          </div>
        );
      })}
    </section>
  );
}

/** One setting a wish asked for, and what it came to. */
function WishedLine({ told, voice, setLine }: { readonly told: Told } & Pick<WishesToldProps, "voice" | "setLine">) {
  const { setting, fate } = told;
  const code = codeOf(told);
  const sign =
    fate.kind === "moved" ? "odd" : fate.kind === "refused" ? "breach" : fate.kind === "open" ? "caution" : null;
  return (
    <li className="flex items-baseline gap-2 py-0.5">
      <span className="w-4 shrink-0">{sign ? <SignShape sign={sign} size={11} /> : null}</span>
      {code ? (
        <button
          type="button"
          aria-label={say.line(code)}
          onClick={() => setLine(code)}
          className="code min-h-7 min-w-10 shrink-0 text-left underline decoration-rule decoration-dotted underline-offset-4"
        >
          {code}
        </button>
      ) : (
        <span className="min-w-10 shrink-0" />
      )}
      <span className={`min-w-0 ${fate.kind === "moved" ? "" : "text-quiet"}`}>
        {SETTING_NAMES[setting]}: {fateText(told, voice)}
      </span>
    </li>
  );
}
