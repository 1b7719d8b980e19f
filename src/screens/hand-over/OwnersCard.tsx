"use client";
import { atHome, levelsInForce, standInRaws, type DisplayProfile } from "@/core/display";
import type { Paper } from "@/core/record";
import { decoded } from "@/core/applied";
import type { Column } from "@/core/sheet";
import { KeyCap } from "@/ui/keys/KeyCap";
import { keyNames, keyOf } from "@/words";
import { ENGLISH } from "@/words/ownersCard/english";
import { ownersKeys } from "@/words/ownersCard/ownersKeys";
import type { OwnersFact, OwnersWords } from "@/words/ownersCard/ownersWords";
import { voiceOf } from "../job/voice";
import { Card } from "./Cards";

type Facts = Readonly<Record<OwnersFact, string | null>>;

/** What one column of values comes to for the rider; null where the column does not say. */
function factsOn(paper: Paper, profile: DisplayProfile, { raws, cap }: Column, words: OwnersWords): Facts {
  const { unit } = voiceOf(paper.workings);
  const cutOff = decoded(profile, raws, "cutOffV");
  const powerOn = decoded(profile, raws, "levelAtPowerOn");
  const standIns = standInRaws(profile);
  const known = raws.map((raw, i) => raw ?? standIns[i] ?? 0);
  const levels =
    decoded(profile, raws, "assistLevels") === null ? null : levelsInForce(profile, atHome(profile, known));
  const throttle = decoded(profile, raws, "throttleMode");
  return {
    cap:
      cap.kind === "true"
        ? words.cap(words.speed(cap.kmh.nominal, unit), words.speed(cap.shownKmh, unit))
        : cap.kind === "uncapped"
          ? words.uncapped
          : cap.kind === "not-read"
            ? null
            : words.measured,
    levels: levels === null ? null : words.levels(levels, powerOn ?? 0),
    throttle: throttle === null ? null : words.throttle[throttle],
    cutOff: cutOff === null ? null : words.cutOff(cutOff),
  };
}

interface FactsProps {
  readonly paper: Paper;
  readonly profile: DisplayProfile;
  readonly words: OwnersWords;
}

/** The bike's facts for its rider: as read back, and where nobody has, as planned and said to be. */
function FactList({ paper, profile, words }: FactsProps) {
  const left = factsOn(paper, profile, paper.left, words);
  const planned = factsOn(paper, profile, paper.planned, words);
  const isSet = paper.standing !== "planned-not-set";
  const said = (fact: OwnersFact): string => {
    if (fact === "throttle" && paper.workings.bike.throttleFitted === false) return words.noThrottle;
    const value = isSet ? left[fact] : null;
    const plan = planned[fact];
    return value ?? (plan === null ? words.elsewhere : isSet ? words.notReadBack(plan) : words.notSet(plan));
  };
  return (
    <dl className="flex flex-col gap-2">
      {(["cap", "levels", "throttle", "cutOff"] as const).map((fact) => (
        <div key={fact}>
          <dt className="text-[0.85rem] text-quiet">{words.facts[fact]}</dt>
          <dd className="text-[1.15rem] font-semibold">{said(fact)}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Owner's card: their keys, their levels, their limits, in the language they read. */
export function OwnersCard({ paper, words = ENGLISH }: { readonly paper: Paper; readonly words?: OwnersWords }) {
  const { job, workings, left, standing } = paper;
  const { choice, bike } = workings;
  const { profile } = job;
  if (!profile) return null;
  const { unit } = voiceOf(workings);
  const { cap } = left;
  const namesClass = workings.against.length === 0 || standing === "planned-not-set";
  return (
    <Card title={words.title} paper={paper} words={words} language={words.language} namesClass={namesClass}>
      <div className="grid gap-6 sm:grid-cols-2">
        <FactList paper={paper} profile={profile} words={words} />
        <div>
          <h4 className="mb-2 font-head text-[1.1rem] font-bold">{words.keys}</h4>
          <ul className="flex flex-col gap-2">
            {ownersKeys(profile, words).map(({ rule, words: said }, i) => {
              const key = rule.keys[0] ? keyOf(profile, rule.keys[0]) : null;
              return (
                <li key={i} className="flex items-center gap-3">
                  {key ? <KeyCap displayKey={key} size={36} /> : null}
                  <span>
                    <strong>{keyNames(profile, rule.keys)}</strong> {said}
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
        {[
          words.whileRiding,
          ...(choice?.rule.publicRoad === false ? [words.notForRoads] : []),
          words.heldFor(standing !== "planned-not-set"),
        ].join(" ")}
      </p>
      {choice && !namesClass ? (
        <p className="mt-2 text-[0.95rem] font-semibold">
          {words.noLabel} {standing === "read-back" ? "" : words.notProven}
        </p>
      ) : null}
      {choice && namesClass ? (
        <p className="mt-2 text-[0.95rem]">
          {words.label} <strong>{choice.rule.name}</strong>
          {bike.motorRatedW ? ` · ${bike.motorRatedW} W` : ""}
          {cap.kind === "true" ? ` · ${words.speed(cap.kmh.nominal, unit)}` : ""}.{" "}
          {standing === "read-back" ? words.checked : words.notProven}
        </p>
      ) : null}
    </Card>
  );
}
