"use client";
import { useState } from "react";
import { Button, setSingleKeys, singleKeysOn } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";

const SHORTCUTS: readonly (readonly [string, string])[] = [
  ["/ or Ctrl-K", "Find a bike, a line, a place"],
  ["?", "This list"],
  ["n", "New bike"],
  ["g", "Go to the rack"],
  ["1 … 6", "In a job: go to that stage. On as found they are digits"],
  ["0", "In a job: its numbers"],
  ["↑ ↓", "On the sheet and the dial: next line"],
  ["Space", "On the key card: done, next. A foot pedal that sends Space does it too"],
  ["e", "On the key card: it shows something else"],
  [
    "Enter",
    "On as found and read-back: takes what stands in the field, and goes on. In an empty one: the line shows the maker’s value, or what was planned",
  ],
];

/** The job, stage by stage; the same page with pictures is docs/guide.md. */
const JOB: readonly (readonly [string, string])[] = [
  ["Intake", "What is this bike? Type what you can see or measure; a guess is marked as one."],
  ["As found", "Type what every line shows before you change any: it is the only way back."],
  ["Plan", "What each line should hold, and why. What differs stands out."],
  [
    "Program",
    "Wheel clear of the floor. Rehearse, then key by key: say what it shows, and the card goes on from there.",
  ],
  ["Prove", "Read every line back after a power cycle, then the checks, brakes first."],
  ["Hand over", "The sheet, the owner’s card, and the way back. What nobody read prints as unread."],
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
    <Panel open={open} onOpenChange={onOpenChange} title="Help">
      <h3 className="mb-2 text-[1.1rem] font-bold">The job</h3>
      <dl className="mb-5 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {JOB.map(([stage, what]) => (
          <div key={stage} className="contents">
            <dt className="font-semibold">{stage}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mb-2 text-[1.1rem] font-bold">Keys</h3>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {SHORTCUTS.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt className="code pt-0.5">{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-6 flex items-center justify-between gap-4 border-t border-rule pt-4">
        <p>Single keys act {on ? "at once" : "not at all; Ctrl-K still does"}.</p>
        <Button
          onClick={() => {
            setSingleKeys(!on);
            setOn(!on);
          }}
        >
          {on ? "Switch single keys off" : "Switch single keys on"}
        </Button>
      </div>
    </Panel>
  );
}
