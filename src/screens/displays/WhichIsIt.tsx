"use client";
import { useState } from "react";
import { nextLook, partsOf, type DisplayProfile, type Look } from "@/core/display";
import { Button } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import * as say from "@/words/screens/displays/whichIsIt";

const QUESTIONS: Readonly<Record<Look["kind"], (code: string) => string>> = {
  mark: (code) => say.whatDoesLineShow(code),
  "has-line": (code) => say.isThereALine(code),
  highest: (code) => say.howFarDoesLine(code),
  "line-count": () => say.howManyLinesAre,
};

interface WhichIsItProps {
  readonly displays: readonly DisplayProfile[];
  readonly onFound: (id: string) => void;
  readonly onClose: () => void;
}

/** Which of these is it? The fewest looks at the real menu that tell the candidates apart. */
export function WhichIsIt({ displays, onFound, onClose }: WhichIsItProps) {
  const [left, setLeft] = useState<readonly DisplayProfile[]>(displays);
  const look = nextLook(left);
  const parts = look ? partsOf(left, look) : [];
  const [found] = left;
  return (
    <Panel open onOpenChange={(open) => !open && onClose()} title={say.whichOfTheseIs} description={say.lookAtTheReal}>
      {look ? (
        <>
          <p className="mb-1 text-quiet">{say.displayStillPossible(left.length)}</p>
          <p className="mb-4 font-head text-[1.6rem] font-bold">
            {QUESTIONS[look.kind]("code" in look ? look.code : "")}
          </p>
          <div className="flex flex-wrap gap-2">
            {parts.map((part) => (
              <button
                key={part.answer}
                type="button"
                onClick={() => setLeft(part.left)}
                className="min-h-14 min-w-16 rounded-lg border-2 border-rule px-4 text-lg font-bold hover:border-quiet"
              >
                {part.answer === "—" ? say.noSuchLine : part.answer}
              </button>
            ))}
            <button
              type="button"
              onClick={() => setLeft([])}
              className="min-h-14 rounded-lg border-2 border-rule px-4 hover:border-quiet"
            >
              {say.somethingElse}
            </button>
          </div>
        </>
      ) : left.length === 0 ? (
        <p>{say.noneOfTheseDescribe}</p>
      ) : (
        <>
          <p className="mb-4 text-lg">
            {left.length === 1
              ? say.itAnswersLike(found?.name, found?.variant)
              : say.nothingTellsTheseApart(left.map(({ name }) => name).join(", "))}
          </p>
          {found ? (
            <Button
              weight="main"
              onClick={() => {
                onFound(found.id);
                onClose();
              }}
            >
              {say.whichIsItShow(found.name)}
            </Button>
          ) : null}
        </>
      )}
    </Panel>
  );
}
