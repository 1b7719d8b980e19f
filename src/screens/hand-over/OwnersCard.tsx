import { atHome, levelsInForce, type Deed, type DisplayProfile } from "@/core/display";
import type { Paper } from "@/core/record";
import { appliedCap, decoded, type Raws } from "@/core/applied";
import { KeyCap } from "@/ui/keys/KeyCap";
import { deedWords, gestureWords, keyNames, keyOf, plain, ruleConditions, speed, valueMeaning } from "@/ui/wording";
import { voiceOf } from "../job/voice";
import { Card } from "./Cards";

/** Deeds that are the rider's own business. */
const OWNERS: ReadonlySet<Deed["kind"]> = new Set<Deed["kind"]>([
  "power-on",
  "power-off",
  "start-walk-assist",
  "step-level",
  "toggle-lamp",
  "toggle-hazard-lamp",
  "next-info",
  "open-monitor",
  "start-cruise",
  "end-cruise",
  "step-backlight",
]);

/** What one column of values comes to for the rider; null where the column does not say. */
function factsOn(paper: Paper, profile: DisplayProfile, raws: Raws): Readonly<Record<string, string | null>> {
  const { bike } = paper.workings;
  const { unit } = voiceOf(paper.workings);
  const cap = appliedCap(profile, raws, bike);
  const cutOff = decoded(profile, raws, "cutOffV");
  const powerOn = decoded(profile, raws, "levelAtPowerOn");
  const known = raws.map((raw, i) => raw ?? profile.lines[i]?.factoryRaw ?? 0);
  const levels =
    decoded(profile, raws, "assistLevels") === null ? null : levelsInForce(profile, atHome(profile, known));
  const throttle = decoded(profile, raws, "throttleMode");
  const starts = powerOn === "last-used" ? "the one last used" : `level ${powerOn ?? 0}`;
  return {
    cap:
      cap.kind === "true"
        ? `${speed(cap.kmh.nominal, unit)} true, ${speed(cap.shownKmh, unit)} set`
        : cap.kind === "uncapped"
          ? "no cap"
          : cap.kind === "not-read"
            ? null
            : "measured, see the workshop sheet",
    levels: levels === null ? null : `0 to ${levels}, starts in ${starts}`,
    throttle: throttle === null ? null : (valueMeaning({ throttleMode: throttle }) ?? throttle),
    cutOff: cutOff === null ? null : `${plain(cutOff)} V. Charge well before.`,
  };
}

/** The bike's facts for its rider: as read back, and where nobody has, as planned and said to be. */
function Facts({ paper, profile }: { readonly paper: Paper; readonly profile: DisplayProfile }) {
  const left = factsOn(paper, profile, paper.leftRaws);
  const planned = factsOn(paper, profile, paper.plannedRaws);
  const isSet = paper.standing !== "planned-not-set";
  const rows: readonly (readonly [string, string])[] = [
    ["Assist ends at", "cap"],
    ["Levels", "levels"],
    ["Throttle", "throttle"],
    ["Battery cuts off at", "cutOff"],
  ];
  return (
    <dl className="flex flex-col gap-2">
      {rows.map(([what, key]) => {
        const noThrottle = key === "throttle" && paper.workings.bike.throttleFitted === false;
        const value = noThrottle ? "none fitted" : isSet ? left[key] : null;
        const plan = planned[key];
        return (
          <div key={key}>
            <dt className="text-[0.85rem] text-quiet">{what}</dt>
            <dd className="text-[1.15rem] font-semibold">
              {value ??
                (plan
                  ? `${plan} · ${isSet ? "planned, not read back" : "planned, not set"}`
                  : "see the workshop sheet")}
            </dd>
          </div>
        );
      })}
    </dl>
  );
}

/** Owner's card: their keys, their levels, their limits. */
export function OwnersCard({ paper }: { readonly paper: Paper }) {
  const { job, workings, leftRaws, standing } = paper;
  const { choice, bike } = workings;
  const { profile } = job;
  if (!profile) return null;
  const { unit } = voiceOf(workings);
  const cap = appliedCap(profile, leftRaws, bike);
  return (
    <Card title="Owner’s card" paper={paper}>
      <div className="grid gap-6 sm:grid-cols-2">
        <Facts paper={paper} profile={profile} />
        <div>
          <h4 className="mb-2 font-head text-[1.1rem] font-bold">Your keys</h4>
          <ul className="flex flex-col gap-2">
            {profile.rules
              .filter((rule) => (rule.on === "home" || rule.on === "off") && OWNERS.has(rule.does.kind))
              .map((rule, i) => {
                const key = rule.keys[0] ? keyOf(profile, rule.keys[0]) : null;
                return (
                  <li key={i} className="flex items-center gap-3">
                    {key ? <KeyCap displayKey={key} size={36} /> : null}
                    <span>
                      <strong>{keyNames(profile, rule.keys)}</strong> {gestureWords(rule)}: {deedWords(profile, rule)}
                      {ruleConditions(profile, rule) ? `, ${ruleConditions(profile, rule)}` : ""}
                    </span>
                  </li>
                );
              })}
          </ul>
        </div>
      </div>
      {job.handOverNote.trim() ? (
        <p className="mt-4 border-t border-rule pt-3 break-words whitespace-pre-line">{job.handOverNote}</p>
      ) : null}
      <p className="mt-4 border-t border-rule pt-3 text-[0.9rem]">
        Never read the display while riding. {choice?.rule.publicRoad === false ? "Not for public roads. " : ""}Speed,
        current and cut-off were {standing === "planned-not-set" ? "planned" : "set"} for this tyre, motor and battery:
        a change of any of them makes these numbers stale.
      </p>
      {choice ? (
        <p className="mt-2 text-[0.95rem]">
          Label: <strong>{choice.rule.name}</strong>
          {bike.motorRatedW ? ` · ${bike.motorRatedW} W` : ""}
          {cap.kind === "true" ? ` · ${speed(cap.kmh.nominal, unit)}` : ""}.{" "}
          {standing === "read-back" ? "Checked against the class text, not certified." : "Not proven yet."}
        </p>
      ) : null}
    </Card>
  );
}
