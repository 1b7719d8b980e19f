import { SignShape } from "@/ui/primitives";
import { READ_OUT_NEEDS, speed } from "@/words";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import * as say from "@/words/screens/plan/standing";

/** One count of the sheet, where there is anything to count. */
export function Tally({
  sign,
  when,
  text,
}: {
  readonly sign: "odd" | "breach" | "caution" | "unknown" | "left-alone";
  readonly when: boolean;
  readonly text: string;
}) {
  if (!when) return null;
  return (
    <li className="flex items-baseline gap-2">
      <SignShape sign={sign} /> {text}
    </li>
  );
}

/** The figure that matters most, large: where assist really ends. */
export function TrueCap({ workings }: Pick<StageProps, "workings">) {
  const { sheet, choice } = workings;
  if (!sheet || !choice) return null;
  const { unit } = voiceOf(workings);
  const [targetCap, presentCap] = [sheet.target.cap, sheet.inForce.cap];
  const was =
    presentCap.kind === "true" &&
    targetCap.kind === "true" &&
    Math.abs(presentCap.kmh.nominal - targetCap.kmh.nominal) > 0.05
      ? presentCap.kmh.nominal
      : null;
  const missing = {
    uncapped: say.noCap,
    "no-read-out": say.notKnown,
    unmeasured: say.measureIt,
    "not-read": say.capLineNotRead,
    "no-line": say.measureIt,
  } as const;
  return (
    <div className="mt-4">
      <p className="text-[0.95rem]">
        {choice.rule.assist ? say.asThisDisplay(choice.rule.name) : say.asThisDisplayWill}
      </p>
      <p className="mt-0.5 flex flex-wrap items-baseline gap-x-3">
        <strong className="font-head text-[2.1rem] leading-tight">
          {targetCap.kind === "true" ? speed(targetCap.kmh.nominal, unit, 2) : missing[targetCap.kind]}
        </strong>{" "}
        {targetCap.kind === "no-read-out" ? (
          <span className="text-quiet">{targetCap.needs.map((need) => READ_OUT_NEEDS[need]).join("; ")}</span>
        ) : null}
        {targetCap.kind === "true" ? (
          <span className="text-quiet">
            {say.trueWord}
            {was !== null ? say.was : ""}
            {was !== null ? (
              <s className="font-semibold">{speed(was, unit)}</s>
            ) : presentCap.kind === "uncapped" ? (
              say.wasUncapped
            ) : (
              ""
            )}
          </span>
        ) : null}
      </p>
    </div>
  );
}
