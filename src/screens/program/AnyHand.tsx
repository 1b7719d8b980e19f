"use client";
import { useEffect, useState } from "react";
import { ACTS, withoutSignal, withTaught, type Act } from "@/core/programming/acts";
import { LONGEST_OFFER_MS, setSettings, SHORTEST_OFFER_MS, useSettings } from "@/ui/besideTheBike/settings";
import { listen } from "@/ui/besideTheBike/signals";
import { teach, useTaught } from "@/ui/besideTheBike/taught";
import { Button } from "@/ui/primitives";
import * as say from "@/words/screens/program/anyHand";
import { OnOff, Part, Slide } from "./settingParts";

/** What each hand or foot says: taught by pressing it. */
export function AnyHand() {
  const { oneKey, offerMs } = useSettings();
  const taught = useTaught();
  const [teaching, setTeaching] = useState<Act | null>(null);
  useEffect(() => {
    if (!teaching) return;
    const lesson = (signal: string): boolean => {
      // Escape ends the lesson, as it ends everything here; Tab goes on through the page.
      if (signal === "key:Tab") return false;
      if (signal !== "key:Escape") teach(withTaught(taught, teaching, signal));
      setTeaching(null);
      return true;
    };
    return listen({
      onSignal: lesson,
      onHeld: () => undefined,
      place: () => document.body,
      headset: true,
      more: true,
      everywhere: true,
    });
  }, [teaching, taught]);
  return (
    <Part title={say.anyHand}>
      <p className="text-quiet">{say.howHandsAreTaught}</p>
      <ul className="flex flex-col">
        {ACTS.map((act) => (
          <li key={act} className="flex flex-wrap items-center gap-2 border-b border-rule py-2">
            <span className="min-w-44 font-semibold">{say.actNames[act]}</span>
            <span className="flex flex-1 flex-wrap gap-1.5">
              {taught[act].map((signal) => (
                <button
                  key={signal}
                  type="button"
                  aria-label={say.takeAway(say.signalName(signal), say.actNames[act])}
                  onClick={() => teach(withoutSignal(taught, signal))}
                  className="min-h-9 rounded-md border-2 border-rule px-2.5 hover:border-quiet"
                >
                  {say.signalName(signal)} <span aria-hidden="true">{say.cross}</span>
                </button>
              ))}
            </span>
            <Button onClick={() => setTeaching(teaching === act ? null : act)}>
              {teaching === act ? say.pressItNow : say.teach}
            </Button>
          </li>
        ))}
      </ul>
      <OnOff label={say.oneKey} hint={say.whatOneKeyDoes} on={oneKey} onChoose={(on) => setSettings({ oneKey: on })} />
      {oneKey ? (
        <Slide
          label={say.offeredFor}
          said={say.secondsSaidOf(offerMs)}
          value={offerMs}
          least={SHORTEST_OFFER_MS}
          most={LONGEST_OFFER_MS}
          step={100}
          onSlide={(next) => setSettings({ offerMs: next })}
        />
      ) : null}
    </Part>
  );
}
