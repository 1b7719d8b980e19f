"use client";
import { CLAIM_CONFIDENCE, chooseClaim, claimState, type Claim, type Line } from "@/core/display";
import { formAt, withoutOne, type Path } from "@/core/display/editing";
import { useState } from "react";
import { Button, KeptField, SignShape } from "@/ui/primitives";
import { SETTING_NAMES } from "@/words";
import { CLAIM_SOURCES } from "@/words/profiles";
import { today } from "./today";
import { FieldsOf } from "./form/Field";
import { done } from "./form/fieldProps";
import { LONGEST_NOTE, lineProps, type LineAtProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/lineClaims";

/** Who says what a line means, how sure they are, and which of them is believed. */
export function LineClaims(props: LineAtProps) {
  const line = props.profile.lines[props.at];
  return line ? <ClaimsOf {...props} line={line} /> : null;
}

type ClaimsProps = LineAtProps & { readonly line: Line };

function ClaimsOf(props: ClaimsProps) {
  const { line } = props;
  const { onPut } = lineProps(props);
  const [from, setFrom] = useState<Claim["from"]>("own-trial");
  const [says, setSays] = useState("");
  const state = claimState(line);
  const add = (said: string) => {
    const claim: Claim = {
      from,
      on: today(),
      confidence: CLAIM_CONFIDENCE[from],
      says: said.trim(),
      setting: line.encoding.setting,
      chosen: false,
    };
    onPut({ ...line, claims: [...line.claims, claim].slice(-20) });
    setSays("");
  };
  return (
    <div className="mt-5 border-t border-rule pt-4">
      <h3 className="mb-2 text-[1.1rem]">{say.whoSaysSo}</h3>
      {state.disputed ? (
        <p className="mb-2 flex items-baseline gap-2">
          <SignShape sign="caution" />
          {say.theyDisagree}{" "}
          {[
            ...new Set(
              [line.encoding.setting, ...line.claims.map((claim) => claim.setting)].map((setting) =>
                setting ? SETTING_NAMES[setting].toLowerCase() : say.notKnown,
              ),
            ),
          ].join(say.against)}
          {say.aTrialSettlesIt}
        </p>
      ) : null}
      <Claims {...props} />
      {line.claims.length === 0 ? <p className="text-quiet">{say.nobodyYet}</p> : null}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1 text-[0.92rem]">
          <span className="font-semibold">{say.from}</span>
          <select
            value={from}
            onChange={(event) => setFrom(event.target.value as Claim["from"])}
            className="min-h-11 rounded-md border-2 border-rule bg-sheet px-2"
          >
            {Object.entries(CLAIM_SOURCES).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </label>
        <div className="min-w-56 flex-1">
          <KeptField
            of={`${line.code} says`}
            label={say.says}
            longest={LONGEST_NOTE}
            value={says}
            onKeep={setSays}
            onEnter={(typed) => (typed.trim() ? add(typed) : undefined)}
          />
        </div>
        <Button disabled={says.trim() === ""} onClick={() => add(says)}>
          {say.add}
        </Button>
      </div>
    </div>
  );
}

/** Who says what, and the one that is believed. */
function Claims(props: ClaimsProps) {
  const { line, profile, at } = props;
  const { onPut } = lineProps(props);
  const [open, setOpen] = useState<number | null>(null);
  const list: Path = ["lines", at, "claims"];
  return (
    <ul>
      {line.claims.map((claim, i) => (
        <li key={i} aria-label={say.claimOf(i)} className="border-t border-rule py-2">
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span className="w-40 font-semibold">{CLAIM_SOURCES[claim.from]}</span>
            <span className="min-w-40 flex-1 break-words">
              {claim.says}
              <span className="block text-[0.85rem] text-quiet">
                {say.notKnownSure(claim.setting && SETTING_NAMES[claim.setting], Math.round(claim.confidence * 100))}
                {claim.on ? say.onDay(claim.on) : null}
              </span>
            </span>
            {claim.chosen ? (
              <span className="inline-flex items-baseline gap-1.5">
                <SignShape sign="done" size={11} />
                {say.believed}
              </span>
            ) : (
              <Button onClick={() => onPut({ ...line, claims: chooseClaim(line.claims, i) })}>{say.believeThis}</Button>
            )}
            <Button weight="quiet" aria-expanded={open === i} onClick={() => setOpen(open === i ? null : i)}>
              {open === i ? say.close : say.changeIt}
              <span className="sr-only">{say.ofClaim(i)}</span>
            </Button>
            <Button
              weight="quiet"
              onClick={() => {
                setOpen(null);
                done(props, (now) => withoutOne(now, list, i));
              }}
            >
              {say.takeOut}
              <span className="sr-only">{say.ofClaim(i)}</span>
            </Button>
          </div>
          {open === i ? (
            <div className="mt-2 grid gap-3 sm:grid-cols-2">
              <FieldsOf {...props} path={[...list, i]} form={formAt([...list, i], profile)} />
            </div>
          ) : null}
        </li>
      ))}
    </ul>
  );
}
