"use client";
import type { ClassRule } from "@/core/law";
import { sameClass } from "@/core/law/ownClass";
import { Button, Choice, useKeptState } from "@/ui/primitives";
import Link from "next/link";
import { useClasses } from "../classes/useClasses";
import * as say from "@/words/screens/intake/whichClass";

interface WhichClassProps {
  /** The class the bike has taken, as it was then. */
  readonly rule: ClassRule | null;
  readonly takeClass: (rule: ClassRule | null) => void;
}

/** The class a bike must leave in. One that has changed since the bike took it is taken anew only when asked. */
export function WhichClass({ rule, takeClass }: WhichClassProps) {
  const { all } = useClasses();
  const [, setPart] = useKeptState("tables", "wheel");
  const known = all.find(({ id }) => id === rule?.id);
  // A class that was taken out since is still the one of this bike.
  const offered = rule && !known ? [...all, rule] : all;
  const changed = rule && known && !sameClass(rule, known) ? known : null;
  return (
    <div>
      <Choice
        label={say.mustLeaveAs}
        value={rule?.id ?? ""}
        options={offered.map((each) => ({ value: each.id, label: each.name }))}
        onChoose={(id) => takeClass(offered.find((each) => each.id === id) ?? null)}
      />
      {changed ? (
        <p className="mt-2 flex flex-wrap items-baseline gap-x-3 text-[0.95rem]">
          {say.changedSince(changed.name, changed.knownOn)}
          <Button weight="quiet" onClick={() => takeClass(changed)}>
            {say.takeItAsItIs}
          </Button>
        </p>
      ) : null}
      <p className="mt-1 text-[0.9rem]">
        <Link
          href="/tables"
          onClick={() => setPart("classes")}
          className="inline-flex min-h-11 items-center text-quiet underline underline-offset-4 hover:text-ink"
        >
          {say.anotherClass}
        </Link>
      </p>
    </div>
  );
}
