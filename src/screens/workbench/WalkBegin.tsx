"use client";
import { useState } from "react";
import { namedKeys } from "@/core/display/draft";
import type { WalkSetup } from "@/core/display/walk/questions";
import type { DisplayProfile } from "@/core/display";
import { Button, Choice, KeptField, useKeptState } from "@/ui/primitives";
import * as say from "@/words/screens/workbench/walkBegin";

/** Most keys a display has. */
const MOST_KEYS = 8;

/** The keys of the display in hand, and which of them switches it on. */
export function WalkBegin({
  profile,
  onBegin,
}: {
  readonly profile: DisplayProfile;
  readonly onBegin: (setup: WalkSetup) => void;
}) {
  const [typed, setTyped] = useKeptState(`walk.${profile.id}`, profile.keys.map(({ name }) => name).join(", "));
  const names = typed
    .split(",")
    .map((name) => name.trim())
    .filter(Boolean)
    .slice(0, MOST_KEYS);
  const keys = namedKeys(names);
  const [chosen, setChosen] = useState("");
  const power = keys.some(({ id }) => id === chosen) ? chosen : (keys[0]?.id ?? "");
  return (
    <div className="mt-5 flex max-w-xl flex-col gap-4">
      <KeptField
        of={`${profile.id} walk keys`}
        label={say.itsKeys}
        hint={say.betweenCommas}
        longest={200}
        value={typed}
        onKeep={setTyped}
        problem={keys.length < 2 ? say.nameTwo : null}
      />
      {keys.length > 0 ? (
        <Choice
          label={say.whichSwitches}
          value={power}
          options={keys.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={setChosen}
        />
      ) : null}
      <div>
        <Button
          weight="main"
          big
          disabled={keys.length < 2}
          onClick={() => onBegin({ keys: keys.map(({ id, name }) => ({ id, name, isKey: true })), power })}
        >
          {say.begin}
        </Button>
      </div>
    </div>
  );
}
