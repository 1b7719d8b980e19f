"use client";
import { useState } from "react";
import { keyId, USUAL_MANNER, withManner, type DisplayProfile, type KeyRule, type Manner } from "@/core/display";
import { Button, Choice, KeptField, useTell } from "@/ui/primitives";
import { deedWords, gestureWords, keyNames, ruleConditions } from "@/ui/wording";
import { CHANGES_KEPT, LEFT_ALONE, VALUES_ACT } from "@/ui/wording/choices";
import { ChordKeys } from "./ChordKeys";
import { Seconds } from "./Seconds";
import type { WorkbenchProps } from "./workbenchProps";

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
    if (beyond) tell("The keys were written anew from this form.", () => change(() => before));
  };
  const names = manner.keyNames;
  const [typedNames, setTypedNames] = useState(names.join(", "));
  const keys = names.map((name, i) => ({ value: profile.keys[i]?.id ?? keyId(name), label: name }));
  const optional = (label: string) => [{ value: "", label }, ...keys];
  const seconds = (label: string, ms: number, keep: (ms: number) => void, least = 0.4, most = 30) => (
    <Seconds label={label} ms={ms} least={least} most={most} onKeep={keep} />
  );
  return (
    <div className="grid gap-6">
      {beyond ? (
        <p className="max-w-[64ch] rounded-md border border-rule px-3 py-2">
          This display does more than the short form below can say. Its rules are listed at the end; change them in the
          file. Choosing anything here writes all keys anew.
        </p>
      ) : null}
      <KeptField
        of={`${profile.id} keys`}
        label="Its keys, by name"
        longest={400}
        value={typedNames}
        hint="Between commas, as they lie on the display: Power, Plus, Minus."
        onKeep={(text) => {
          setTypedNames(text);
          const next = text
            .split(",")
            .map((name) => name.trim())
            .filter(Boolean)
            .slice(0, 8);
          if (next.length === 0) return;
          // Keys that keep their place keep their duties under the new name.
          const moved = (id: string): string =>
            keyId(
              next[
                Math.max(
                  0,
                  keys.findIndex((key) => key.value === id),
                )
              ] ??
                next[0] ??
                "key",
            );
          set({
            keyNames: next,
            wayIn: { ...manner.wayIn, keys: [...new Set(manner.wayIn.keys.map(moved))] },
            next: moved(manner.next),
            previous: manner.previous && moved(manner.previous),
            more: moved(manner.more),
            less: manner.less && moved(manner.less),
            select: manner.select && moved(manner.select),
            save: manner.save && { ...manner.save, keys: [...new Set(manner.save.keys.map(moved))] },
            power: { ...manner.power, key: moved(manner.power.key) },
          });
        }}
      />
      <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-2">
        <legend className="sr-only">Getting in</legend>
        <ChordKeys
          label="Opens the menu, held together"
          keys={keys}
          chosen={manner.wayIn.keys}
          onChoose={(chosen) => set({ wayIn: { ...manner.wayIn, keys: chosen } })}
        />
        {seconds("Held for", manner.wayIn.holdMs, (holdMs) => set({ wayIn: { ...manner.wayIn, holdMs } }))}
      </fieldset>
      <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-2">
        <legend className="sr-only">Moving and changing</legend>
        <Choice label="Goes to the next line" value={manner.next} options={keys} onChoose={(next) => set({ next })} />
        <Choice
          label="Goes to the line before"
          value={manner.previous ?? ""}
          options={optional("no key")}
          onChoose={(previous) => set({ previous: previous || null })}
        />
        <Choice label="Steps a value up" value={manner.more} options={keys} onChoose={(more) => set({ more })} />
        <Choice
          label="Steps a value down"
          value={manner.less ?? ""}
          options={optional("no key")}
          onChoose={(less) => set({ less: less || null })}
        />
        <Choice
          label="Makes a value blink, and confirms it"
          value={manner.select ?? ""}
          options={optional("changes at once")}
          onChoose={(select) => set({ select: select || null })}
        />
      </fieldset>
      <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-2">
        <legend className="sr-only">Saving and leaving</legend>
        <Choice
          label="Changes are kept"
          value={manner.saves}
          options={CHANGES_KEPT}
          onChoose={(saves) => set({ saves })}
        />
        <Choice
          label="Left alone, the menu"
          value={manner.closing}
          options={LEFT_ALONE}
          onChoose={(closing) => set({ closing })}
        />
        {seconds("Closes by itself after", manner.closesAfterMs, (closesAfterMs) => set({ closesAfterMs }), 3, 600)}
        <Choice
          label="Values act"
          value={manner.inForce}
          options={VALUES_ACT}
          onChoose={(inForce) => set({ inForce })}
        />
        <ChordKeys
          label="Saves and leaves, held together"
          keys={keys}
          chosen={manner.save?.keys ?? []}
          onChoose={(chosen) =>
            set({ save: chosen.length > 0 ? { keys: chosen, holdMs: manner.save?.holdMs ?? 2000 } : null })
          }
        />
        {manner.save
          ? seconds("Held for", manner.save.holdMs, (holdMs) =>
              set({ save: manner.save && { ...manner.save, holdMs } }),
            )
          : null}
      </fieldset>
      <fieldset className="grid gap-4 border-t border-rule pt-4 sm:grid-cols-3">
        <legend className="sr-only">Power</legend>
        <Choice
          label="Switches on and off"
          value={manner.power.key}
          options={keys}
          onChoose={(key) => set({ power: { ...manner.power, key } })}
        />
        {seconds("On, held for", manner.power.onMs, (onMs) => set({ power: { ...manner.power, onMs } }))}
        {seconds("Off, held for", manner.power.offMs, (offMs) => set({ power: { ...manner.power, offMs } }))}
      </fieldset>
      <details className="border-t border-rule pt-3">
        <summary className="min-h-11 font-semibold">All rules of its keys</summary>
        <ul className="mt-2">
          {profile.rules.map((rule, i) => (
            <li key={i} className="flex flex-wrap items-baseline gap-x-3 border-t border-rule py-1.5">
              <span className="text-quiet">{rule.on}</span>
              <strong>{keyNames(profile, rule.keys)}</strong> {gestureWords(rule)}
              <span>{[deedWords(profile, rule), ruleConditions(profile, rule)].filter(Boolean).join(", ")}</span>
              <Button
                weight="quiet"
                onClick={() => change((now) => ({ ...now, rules: now.rules.filter((_, k) => k !== i) }))}
              >
                Take out<span className="sr-only"> rule {i + 1}</span>
              </Button>
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
}
