"use client";
import type { DisplayProfile } from "@/core/display";
import { Button } from "@/ui/primitives";
import { deedWords, gestureWords, keyNames, ruleConditions } from "@/words";
import * as say from "@/words/screens/workbench/allRules";

/** Every rule of the keys, as the machine has them; each can be taken out. */
export function AllRules({
  profile,
  change,
}: {
  readonly profile: DisplayProfile;
  readonly change: (edit: (profile: DisplayProfile) => DisplayProfile) => void;
}) {
  return (
    <details className="border-t border-rule pt-3">
      <summary className="min-h-11 font-semibold">{say.allRulesOfIts}</summary>
      <ul className="mt-2">
        {profile.rules.map((rule, i) => (
          <li key={i} className="flex flex-wrap items-baseline gap-x-3 border-t border-rule py-1.5">
            <span className="text-quiet">{rule.on}</span>
            <strong>{keyNames(profile, rule.keys)}</strong> {gestureWords(profile, rule)}
            <span>{[deedWords(profile, rule), ruleConditions(profile, rule)].filter(Boolean).join(", ")}</span>
            <Button
              weight="quiet"
              onClick={() => change((now) => ({ ...now, rules: now.rules.filter((_, k) => k !== i) }))}
            >
              {say.takeOut}
              <span className="sr-only">{say.allRulesRule(i)}</span>
            </Button>
          </li>
        ))}
      </ul>
    </details>
  );
}
