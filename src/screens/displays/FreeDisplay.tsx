"use client";
import Link from "next/link";
import { useMemo } from "react";
import { BENCH_KITS } from "@/catalog/rig/kits";
import { atHome, standInRaws, type DisplayProfile } from "@/core/display";
import { kitAsMade, liveBike, readingsOf, type LiveBike } from "@/core/rig";
import { useBench } from "@/ui/bench/useBench";
import { PressableDisplay } from "@/ui/lcd/PressableDisplay";
import { Button, Caution } from "@/ui/primitives";
import * as say from "@/words/screens/displays/freeDisplay";

/** A display to press freely, with a bike behind it: nothing touches a real one. */
export function FreeDisplay({ profile }: { readonly profile: DisplayProfile }) {
  const bike = useMemo(() => {
    const kit = kitAsMade(profile, BENCH_KITS);
    return kit ? liveBike(profile, kit) : null;
  }, [profile]);
  return bike ? <Pressed bike={bike} /> : null;
}

function Pressed({ bike }: { readonly bike: LiveBike }) {
  const { profile } = bike;
  const start = useMemo(() => atHome(profile, standInRaws(profile)), [profile]);
  const { live, hands, onHold, put } = useBench({ bike, start, onFrame: noDrawing });
  const { screen, done } = live.menu;
  const turns = hands.pedals === "forward";
  return (
    <div>
      <PressableDisplay profile={profile} state={live.menu} readings={readingsOf(bike, live)} onHold={onHold} />
      <Button
        className="mt-2.5 w-full"
        aria-pressed={turns}
        onClick={() => put({ pedals: turns ? "still" : "forward" })}
      >
        {turns ? say.stopPedalling : say.pedalTheWheel}
      </Button>
      <p className="mt-3 text-[0.9rem] text-quiet">
        {say.onAKeyboard(profile.keys.map((key) => say.keyIs(key.name, key.keyboard)).join(", "))}{" "}
        <Link href={`/practice?display=${profile.id}`} className="underline">
          {say.wholeBike}
        </Link>
      </p>
      {screen.kind === "walk-assist" ? (
        <div className="mt-3">
          <Caution>{say.onABikeThe}</Caution>
        </div>
      ) : null}
      {done.length > 0 ? (
        <div className="mt-3">
          <Caution>{done.at(-1) === "restore" ? say.theMakersValuesAre : say.doneOnABike}</Caution>
        </div>
      ) : null}
    </div>
  );
}

const noDrawing = () => undefined;
