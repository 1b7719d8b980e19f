"use client";
import { keyId, USUAL_MANNER, withManner, type DisplayProfile, type KeyRule, type Manner } from "@/core/display";
import { Choice, useTell } from "@/ui/primitives";
import { useState } from "react";
import { AllRules } from "./AllRules";
import { ChordKeys } from "./ChordKeys";
import { KeyNames } from "./KeyNames";
import { MovingKeys } from "./MovingKeys";
import { SavingKeys } from "./SavingKeys";
import { Seconds } from "./Seconds";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/mannerForm";

/** The manner a profile already has, as far as the short form can say it. */
function mannerOf(profile: DisplayProfile): Manner {
  const find = (on: KeyRule["on"], kind: KeyRule["does"]["kind"]) =>
    profile.rules.find((rule) => rule.on === on && rule.does.kind === kind);
  const first = (rule: KeyRule | undefined, otherwise: string) => rule?.keys[0] ?? otherwise;
  const heldFor = (rule: KeyRule | undefined, otherwise: number) =>
    rule?.gesture.kind === "hold" ? rule.gesture.holdMs : otherwise;
  const step = (by: 1 | -1) =>
    profile.rules.find((rule) => rule.on === "menu" && rule.does.kind === "step-value" && rule.does.by === by);
  const wayIn = find("home", "open-page");
  const save = find("menu", "save-and-leave");
  const fallback = profile.keys[0]?.id ?? "power";
  return {
    keyNames: profile.keys.map((key) => key.name),
    wayIn: { keys: wayIn?.keys ?? [fallback], holdMs: heldFor(wayIn, USUAL_MANNER.wayIn.holdMs) },
    next: first(find("menu", "next-entry"), fallback),
    previous: find("menu", "previous-entry")?.keys[0] ?? null,
    more: first(step(1), fallback),
    less: step(-1)?.keys[0] ?? null,
    select: profile.menu.changing === "select" ? first(find("menu", "select"), fallback) : null,
    save: save ? { keys: save.keys, holdMs: heldFor(save, 2000) } : null,
    power: {
      key: first(find("off", "power-on"), fallback),
      onMs: heldFor(find("off", "power-on"), 1000),
      offMs: heldFor(find("home", "power-off"), 2000),
    },
    closesAfterMs: profile.menu.idle.closesAfterMs,
    closing: profile.menu.idle.pending,
    saves: profile.menu.saves,
    inForce: profile.inForce,
  };
}

/** Keys and manner: how one gets in, moves, changes, saves and gets out. */
export function MannerForm({ profile, change }: WorkbenchProps) {
  const tell = useTell();
  const manner = mannerOf(profile);
  const beyond =
    profile.menu.pages.length > 1 || profile.rules.length > 14 || profile.keys.some((key) => key.part !== "key");
  const set = (edit: Partial<Manner>) => {
    const before = profile;
    change((now) => withManner(now, { ...manner, ...edit }));
    if (beyond) tell(say.theKeysWereWritten, () => change(() => before));
  };
  const names = manner.keyNames;
  const [typedNames, setTypedNames] = useState(names.join(", "));
  const keys = names.map((name, i) => ({ value: profile.keys[i]?.id ?? keyId(name), label: name }));
  const optional = (label: string) => [{ value: "", label }, ...keys];
  return (
    <div className="grid gap-6">
      {beyond ? (
        <p className="max-w-[64ch] rounded-md border border-rule px-3 py-2">{say.thisDisplayDoesMore}</p>
      ) : null}
      <KeyNames
        profile={profile}
        typedNames={typedNames}
        setTypedNames={setTypedNames}
        keys={keys}
        set={set}
        manner={manner}
      />
      <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-2">
        <legend className="sr-only">{say.gettingIn}</legend>
        <ChordKeys
          label={say.opensTheMenuHeld}
          keys={keys}
          chosen={manner.wayIn.keys}
          onChoose={(chosen) => set({ wayIn: { ...manner.wayIn, keys: chosen } })}
        />
        <Seconds
          label={say.heldFor}
          ms={manner.wayIn.holdMs}
          onKeep={(holdMs) => set({ wayIn: { ...manner.wayIn, holdMs } })}
        />
      </fieldset>
      <MovingKeys manner={manner} keys={keys} set={set} optional={optional} />
      <SavingKeys manner={manner} set={set} keys={keys} />
      <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-3">
        <legend className="sr-only">{say.power}</legend>
        <Choice
          label={say.switchesOnAndOff}
          value={manner.power.key}
          options={keys}
          onChoose={(key) => set({ power: { ...manner.power, key } })}
        />
        <Seconds
          label={say.onHeldFor}
          ms={manner.power.onMs}
          onKeep={(onMs) => set({ power: { ...manner.power, onMs } })}
        />
        <Seconds
          label={say.offHeldFor}
          ms={manner.power.offMs}
          onKeep={(offMs) => set({ power: { ...manner.power, offMs } })}
        />
      </fieldset>
      <AllRules profile={profile} change={change} />
    </div>
  );
}
