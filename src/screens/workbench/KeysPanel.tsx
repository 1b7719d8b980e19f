"use client";
import { useState } from "react";
import type { DisplayProfile, KeyRule } from "@/core/display";
import { formAt, rulesWith, unsaidOf, withFurther, withNewRule, withoutOne, withSaid } from "@/core/display/editing";
import { Button, SignShape } from "@/ui/primitives";
import { KeyCap } from "@/ui/keys/KeyCap";
import { deedWords, gestureWords, keyOf, ruleConditions } from "@/words";
import { valueLabel } from "@/words/grammar";
import { FieldsOf } from "./form/Field";
import { done } from "./form/fieldProps";
import { MannerForm } from "./MannerForm";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/keysPanel";

/** In the order a hand comes to them. */
const SCREENS: readonly KeyRule["on"][] = ["off", "home", "menu", "code", "confirm", "monitor"];

/** The keys of a display, in short and in full: which there are, and what each does on every screen. */
export function KeysPanel(props: WorkbenchProps) {
  // A rule in hand stays where it was opened, whatever screen it is said to hold on meanwhile.
  const [open, setOpen] = useState<Opened | null>(null);
  return (
    <div className="grid gap-8">
      <section aria-labelledby="in-short">
        <h2 id="in-short" className="mb-3 text-[1.3rem]">
          {say.inShort}
        </h2>
        <MannerForm {...props} />
      </section>
      <Keys {...props} />
      <section aria-labelledby="all-rules">
        <h2 id="all-rules" className="text-[1.3rem]">
          {say.whatTheKeysDo}
        </h2>
        <p className="mb-2 max-w-[60ch] text-quiet">{say.oneRuleEach}</p>
        <NotSaid {...props} onSaid={() => setOpen({ at: props.profile.rules.length, on: "home" })} />
        {SCREENS.map((screen) => (
          <RulesOn key={screen} {...props} screen={screen} open={open} setOpen={setOpen} />
        ))}
      </section>
    </div>
  );
}

/** Keys that hurt when pressed by mistake, asked for while nobody has said which they are. */
function NotSaid({ profile, change, onSaid }: WorkbenchProps & { readonly onSaid: () => void }) {
  return unsaidOf(profile).map((what) => (
    <p key={what} className="flex max-w-[64ch] flex-wrap items-baseline gap-x-2 py-1">
      <SignShape sign="unknown" />
      <span className="min-w-0 flex-1">{say.notSaid[what]}</span>
      <Button
        weight="quiet"
        onClick={() => {
          onSaid();
          change((now) => withSaid(now, what));
        }}
      >
        {say.sayWhich[what]}
      </Button>
    </p>
  ));
}

/** The keys themselves, with levers and throttle where a procedure has them held. */
function Keys(props: WorkbenchProps) {
  const { profile } = props;
  return (
    <section aria-labelledby="its-keys">
      <h2 id="its-keys" className="mb-1 text-[1.3rem]">
        {say.keysLeversThrottle}
      </h2>
      <ul>
        {profile.keys.map((key, i) => {
          const used = rulesWith(profile, key.id).length;
          return (
            <li key={key.id} aria-label={key.name} className="flex flex-wrap items-end gap-3 border-t border-rule py-3">
              <span className="pb-0.5">
                <KeyCap displayKey={key} size={40} />
              </span>
              <div className="grid min-w-0 flex-1 grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3">
                <FieldsOf {...props} path={["keys", i]} form={formAt(["keys", i], profile)} />
              </div>
              <Button
                weight="quiet"
                disabled={used > 0 || profile.keys.length < 2}
                title={used > 0 ? say.rulesPressIt(used) : undefined}
                onClick={() => done(props, (now) => withoutOne(now, ["keys"], i))}
              >
                {say.takeOut}
                <span className="sr-only"> {key.name}</span>
              </Button>
            </li>
          );
        })}
      </ul>
      <Button disabled={profile.keys.length >= 10} onClick={() => done(props, (now) => withFurther(now, ["keys"]))}>
        {say.oneKeyMore}
      </Button>
    </section>
  );
}

interface Opened {
  readonly at: number;
  readonly on: KeyRule["on"];
}

interface RulesOnProps extends WorkbenchProps {
  readonly screen: KeyRule["on"];
  readonly open: Opened | null;
  readonly setOpen: (open: Opened | null) => void;
}

/** What the keys do on one screen. */
function RulesOn({ screen, open, setOpen, ...props }: RulesOnProps) {
  const { profile, change } = props;
  const rules = profile.rules.flatMap((rule, i) =>
    (open?.at === i ? open.on : rule.on) === screen ? [{ rule, i }] : [],
  );
  const name = valueLabel(["rules", "on"], screen);
  return (
    <section aria-label={name} className="mt-4">
      <h3 className="text-[1.05rem]">{name}</h3>
      <ul>
        {rules.map(({ rule, i }) => (
          <li key={i} className="border-t border-rule">
            <RuleRow
              {...props}
              rule={rule}
              at={i}
              open={open?.at === i}
              onOpen={() => setOpen(open?.at === i ? null : { at: i, on: screen })}
              onGone={() => setOpen(null)}
            />
          </li>
        ))}
      </ul>
      <Button
        weight="quiet"
        disabled={profile.rules.length >= 100}
        onClick={() => {
          setOpen({ at: profile.rules.length, on: screen });
          change((now) => withNewRule(now, screen));
        }}
      >
        {say.oneRuleMore}
        <span className="sr-only"> {name}</span>
      </Button>
    </section>
  );
}

interface RuleRowProps extends WorkbenchProps {
  readonly rule: KeyRule;
  readonly at: number;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onGone: () => void;
}

function RuleRow({ rule, at, open, onOpen, onGone, ...props }: RuleRowProps) {
  const { profile } = props;
  const name = say.ruleOf(at);
  return (
    <div role="group" aria-label={name} className={open ? "rounded-xl bg-sheet px-4 py-3" : "py-1.5"}>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <Caps profile={profile} keys={rule.keys} />
        <span className="text-quiet">{gestureWords(profile, rule)}</span>
        <strong className="min-w-40 flex-1 break-words">
          {deedWords(profile, rule)}
          {ruleConditions(profile, rule) ? (
            <span className="font-normal text-quiet">, {ruleConditions(profile, rule)}</span>
          ) : null}
        </strong>
        <Button weight="quiet" aria-expanded={open} onClick={onOpen}>
          {open ? say.close : say.changeIt}
          <span className="sr-only"> {name}</span>
        </Button>
        <Button
          weight="quiet"
          disabled={profile.rules.length < 2}
          onClick={() => {
            onGone();
            done(props, (now) => withoutOne(now, ["rules"], at));
          }}
        >
          {say.takeOut}
          <span className="sr-only"> {name}</span>
        </Button>
      </div>
      {open ? (
        <div className="mt-3 grid gap-4 border-t border-rule pt-3 sm:grid-cols-2">
          <FieldsOf {...props} path={["rules", at]} form={formAt(["rules", at], profile)} />
        </div>
      ) : null}
    </div>
  );
}

/** Keys as they are drawn on the card, small. */
function Caps({ profile, keys }: { readonly profile: DisplayProfile; readonly keys: readonly string[] }) {
  return (
    <span className="inline-flex gap-1">
      {keys.map((id) => {
        const key = keyOf(profile, id);
        return key ? <KeyCap key={id} displayKey={key} size={32} /> : <span key={id}>{id}</span>;
      })}
    </span>
  );
}
