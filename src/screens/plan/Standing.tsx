import { SignShape } from "@/ui/primitives";
import { READ_OUT_NEEDS, speed } from "@/words";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";

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
    uncapped: "no cap",
    "no-read-out": "not known",
    unmeasured: "measure it",
    "not-read": "cap line not read",
    "no-line": "measure it",
  } as const;
  return (
    <div className="mt-4">
      <p className="text-[0.95rem]">
        {choice.rule.assist
          ? `${choice.rule.name}, as this display will really apply it:`
          : "As this display will really apply it:"}
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
            true{was !== null ? ", was " : ""}
            {was !== null ? (
              <s className="font-semibold">{speed(was, unit)}</s>
            ) : presentCap.kind === "uncapped" ? (
              ", was uncapped"
            ) : (
              ""
            )}
          </span>
        ) : null}
      </p>
    </div>
  );
}
