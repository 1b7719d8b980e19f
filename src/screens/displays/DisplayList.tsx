"use client";
import type { DisplayProfile } from "@/core/display";
import { Button } from "@/ui/primitives";
import { count } from "@/words";
import { later } from "@/ui/primitives/later";
import type { KnownDisplays } from "./useDisplays";
import * as say from "@/words/screens/displays/displayList";

const WhichIsIt = later(() => import("./WhichIsIt").then((module) => module.WhichIsIt));

/** The displays by name, and the way to find out which one it is. */
export function DisplayList({
  displays,
  profile,
  setChosen,
  setAsking,
  asking,
}: {
  readonly displays: KnownDisplays;
  readonly profile: DisplayProfile | undefined;
  readonly setChosen: (value: string) => void;
  readonly setAsking: (next: boolean) => void;
  readonly asking: boolean;
}) {
  return (
    <nav aria-label={say.displays} className="self-start">
      <ul>
        {displays.all.map((each) => (
          <li key={each.id} className="border-t border-rule">
            <button
              type="button"
              aria-current={each.id === profile?.id ? "true" : undefined}
              onClick={() => setChosen(each.id)}
              className={`block min-h-12 w-full border-l-4 px-3 py-1.5 text-left ${each.id === profile?.id ? "border-action bg-sheet" : "border-transparent hover:bg-sheet"}`}
            >
              <span className="block font-head font-bold break-words">{each.name}</span>
              <span className="block text-[0.82rem] text-quiet">
                {count(each.lines.length, "line")}, {count(each.keys.filter((key) => key.part === "key").length, "key")}
                {displays.own.includes(each) ? say.describedHere : ""}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <Button className="mt-4 w-full" onClick={() => setAsking(true)}>
        {say.whichOfTheseIs}
      </Button>
      {asking ? <WhichIsIt displays={displays.all} onFound={setChosen} onClose={() => setAsking(false)} /> : null}
    </nav>
  );
}
