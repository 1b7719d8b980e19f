"use client";
import { useState } from "react";
import { Button, setSingleKeys, singleKeysOn } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import * as say from "@/words/screens/shell/shortcutHelp";

const SHORTCUTS: readonly (readonly [string, string])[] = [
  [say.orCtrlK, say.findABikeA],
  ["?", say.thisList],
  ["n", say.newBike],
  ["g", say.goToTheRack],
  ["1 … 6", say.inAJobGo],
  ["0", say.inAJobIts],
  ["↑ ↓", say.onTheSheetAnd],
  [say.space, say.onTheKeyCard],
  ["e", say.onTheKeyCardIt],
  ["r", say.onTheKeyCardAgain],
  [say.backspace, say.onTheKeyCardBack],
  [say.enter, say.onAsFoundAnd],
];

/** The job, stage by stage; the same page with pictures is docs/guide.md. */
const JOB: readonly (readonly [string, string])[] = [
  [say.intake, say.whatIsThisBike],
  [say.asFound, say.typeWhatEveryLine],
  [say.plan, say.whatEachLineShould],
  [say.program, say.wheelClearOfThe],
  [say.prove, say.readEveryLineBack],
  [say.handOver, say.theSheetTheOwners],
];

export function ShortcutHelp({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const [on, setOn] = useState(singleKeysOn);
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={say.help}>
      <h3 className="mb-2 text-[1.1rem] font-bold">{say.theJob}</h3>
      <dl className="mb-5 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {JOB.map(([stage, what]) => (
          <div key={stage} className="contents">
            <dt className="font-semibold">{stage}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mb-2 text-[1.1rem] font-bold">{say.keys}</h3>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {SHORTCUTS.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt className="code pt-0.5">{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-6 flex items-center justify-between gap-4 border-t border-rule pt-4">
        <p>{say.singleKeysActAt(on)}</p>
        <Button
          onClick={() => {
            setSingleKeys(!on);
            setOn(!on);
          }}
        >
          {on ? say.switchSingleKeysOff : say.switchSingleKeysOn}
        </Button>
      </div>
    </Panel>
  );
}
