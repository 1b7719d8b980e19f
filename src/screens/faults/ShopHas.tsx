"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useState } from "react";
import { SPARES, TOOLS } from "@/core/faults";
import { countOddsFrom, keepShopHas, oddsSince, shopHas } from "@/store";
import { Button, Chip, useTell } from "@/ui/primitives";
import { dayAndTime } from "@/words/speak";
import { SPARE_WORDS, TOOL_WORDS } from "@/words/faults/checks";
import * as say from "@/words/screens/faults/shopHas";

/** What this shop has at hand, and whether what it found before counts. */
export function ShopHas() {
  const kept = useLiveQuery(async () => ({ has: await shopHas(), since: await oddsSince() }));
  const tell = useTell();
  // What was tapped stands at once; the book follows.
  const [tapped, setTapped] = useState<readonly string[] | null>(null);
  if (!kept) return null;
  const has: readonly string[] = tapped ?? kept.has ?? TOOLS;
  const toggle = (name: string) => {
    const now = has.includes(name) ? has.filter((other) => other !== name) : [...has, name];
    setTapped(now);
    void keepShopHas(now);
  };
  const reset = async () => {
    await countOddsFrom(new Date().toISOString());
    tell(say.oddsReset, () => void countOddsFrom(kept.since));
  };
  return (
    <section aria-labelledby="shop-has" className="mt-8">
      <h2 id="shop-has" className="text-[1.4rem]">
        {say.atHand}
      </h2>
      <p className="text-quiet">{say.onlyWhatCanBeDone}</p>
      <fieldset className="mt-2">
        <legend className="text-[0.92rem] font-semibold">{say.tools}</legend>
        <div className="mt-1 flex flex-wrap gap-1.5">
          {TOOLS.map((tool) => (
            <Chip key={tool} type="checkbox" checked={has.includes(tool)} onChange={() => toggle(tool)}>
              {TOOL_WORDS[tool]}
            </Chip>
          ))}
        </div>
      </fieldset>
      <fieldset className="mt-3">
        <legend className="text-[0.92rem] font-semibold">{say.spares}</legend>
        <div className="mt-1 flex flex-wrap gap-1.5">
          {SPARES.map((spare) => (
            <Chip key={spare} type="checkbox" checked={has.includes(spare)} onChange={() => toggle(spare)}>
              {SPARE_WORDS[spare]}
            </Chip>
          ))}
        </div>
      </fieldset>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <p className="text-quiet">{say.whatCounts(kept.since === null ? null : dayAndTime(kept.since))}</p>
        <Button onClick={() => void reset()}>{say.countAnew}</Button>
      </div>
    </section>
  );
}
