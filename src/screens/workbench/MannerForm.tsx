"use client";
import type { DisplayProfile } from "@/core/display";
import {
  formAt,
  heldMs,
  keysOf,
  rulesDoing,
  withHeldMs,
  withKeys,
  withSelectKey,
  type DutyName,
  type Path,
} from "@/core/display/editing";
import { Choice } from "@/ui/primitives";
import { ChordKeys } from "./ChordKeys";
import { Field } from "./form/Field";
import { Seconds } from "./Seconds";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/mannerForm";

/** How one gets in, moves, changes, saves and gets out, in short: each answer changes the one rule it shows. */
export function MannerForm({ profile, change }: WorkbenchProps) {
  const props = { profile, change };
  return (
    <div className="grid gap-4">
      <Part label={say.gettingIn}>
        <Chord {...props} duty="wayIn" label={say.opensTheMenuHeld} />
        <Held {...props} duty="wayIn" label={say.heldFor} />
      </Part>
      <Part label={say.movingAndChanging}>
        <Key {...props} duty="next" label={say.goesToTheNext} />
        <Key {...props} duty="previous" label={say.goesToTheLine} />
        <Key {...props} duty="more" label={say.stepsAValueUp} />
        <Key {...props} duty="less" label={say.stepsAValueDown} />
        <Choice
          label={say.makesAValueBlink}
          value={profile.menu.changing === "select" ? (keysOf(profile, "select")[0] ?? "") : ""}
          options={[{ value: "", label: say.changesAtOnce }, ...namedKeysOf(profile)]}
          onChoose={(key) => change((now) => withSelectKey(now, key || null))}
        />
      </Part>
      <SavingPart {...props} />
      <Part label={say.power}>
        <Key {...props} duty="powerOn" label={say.switchesOn} />
        <Held {...props} duty="powerOn" label={say.onHeldFor} />
        <Key {...props} duty="powerOff" label={say.switchesOff} />
        <Held {...props} duty="powerOff" label={say.offHeldFor} />
      </Part>
    </div>
  );
}

const namedKeysOf = ({ keys }: DisplayProfile) =>
  keys.filter(({ part }) => part === "key").map(({ id, name }) => ({ value: id, label: name }));

/** Manners of the menu as a whole that belong to saving. */
const OF_SAVING: readonly Path[] = [
  ["menu", "saves"],
  ["menu", "idle", "pending"],
  ["menu", "idle", "closesAfterMs"],
  ["inForce"],
];

/** When what is changed is kept, what idling does, and how one leaves. */
function SavingPart(props: WorkbenchProps) {
  return (
    <Part label={say.savingAndLeaving}>
      {OF_SAVING.map((path) => (
        <Field key={path.join(".")} {...props} path={path} form={formAt(path, props.profile)} />
      ))}
      <Chord {...props} duty="save" label={say.savesAndLeavesHeld} mayLack />
      <Held {...props} duty="save" label={say.heldFor} />
    </Part>
  );
}

function Part({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <fieldset className="grid gap-4 border-t border-rule pt-4 first:border-t-0 first:pt-0 sm:grid-cols-2">
      <legend className="sr-only">{label}</legend>
      {children}
    </fieldset>
  );
}

interface DutyProps extends WorkbenchProps {
  readonly duty: DutyName;
  readonly label: string;
}

/** Further rules do it too, and stand below with the others. */
const further = (profile: DisplayProfile, duty: DutyName): string | undefined => {
  const others = rulesDoing(profile, duty) - 1;
  return others > 0 ? say.othersDoItToo(others) : undefined;
};

/** A key for a duty. */
function Key({ profile, change, duty, label }: DutyProps) {
  const keys = keysOf(profile, duty);
  const must = duty === "powerOn" || duty === "powerOff" || duty === "next" || duty === "more";
  const options = namedKeysOf(profile);
  return (
    <Choice
      label={label}
      value={keys.length > 1 ? "more" : (keys[0] ?? "")}
      options={must && keys.length > 0 ? options : [{ value: "", label: say.noKey }, ...options]}
      hint={keys.length > 1 ? say.severalTogether : further(profile, duty)}
      onChoose={(key) => change((now) => withKeys(now, duty, key ? [key] : []))}
    />
  );
}

/** Keys pressed together for a duty. */
function Chord({ profile, change, duty, label, mayLack = false }: DutyProps & { readonly mayLack?: boolean }) {
  return (
    <div>
      <ChordKeys
        label={label}
        keys={namedKeysOf(profile)}
        chosen={keysOf(profile, duty)}
        onChoose={(chosen) => (chosen.length > 0 || mayLack ? change((now) => withKeys(now, duty, chosen)) : undefined)}
      />
      {further(profile, duty) ? <p className="text-[0.85rem] text-quiet">{further(profile, duty)}</p> : null}
    </div>
  );
}

/** How long its keys are held; nothing where they are not. */
function Held({ profile, change, duty, label }: DutyProps) {
  const ms = heldMs(profile, duty);
  if (ms === null) return <span aria-hidden="true" />;
  return <Seconds label={label} ms={ms} onKeep={(holdMs) => change((now) => withHeldMs(now, duty, holdMs))} />;
}
