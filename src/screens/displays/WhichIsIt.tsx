"use client";
import { useState } from "react";
import { nextLook, partsOf, type DisplayProfile, type Look } from "@/core/display";
import { Button } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { count } from "@/words";

const QUESTIONS: Readonly<Record<Look["kind"], (code: string) => string>> = {
  mark: (code) => `What does line ${code} show, that cannot be changed?`,
  "has-line": (code) => `Is there a line ${code}?`,
  highest: (code) => `How far does line ${code} go at most?`,
  "line-count": () => "How many lines are there in all?",
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
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title="Which of these is it?"
      description="Look at the real menu and answer. The fewest looks are asked that tell them apart."
    >
      {look ? (
        <>
          <p className="mb-1 text-quiet">{count(left.length, "display")} still possible</p>
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
                {part.answer === "—" ? "no such line" : part.answer}
              </button>
            ))}
            <button
              type="button"
              onClick={() => setLeft([])}
              className="min-h-14 rounded-lg border-2 border-rule px-4 hover:border-quiet"
            >
              Something else
            </button>
          </div>
        </>
      ) : left.length === 0 ? (
        <p>None of these. Describe it in the workbench: a leaflet’s text is enough to begin with.</p>
      ) : (
        <>
          <p className="mb-4 text-lg">
            {left.length === 1
              ? `It answers like ${found?.name ?? ""}, ${found?.variant ?? ""}.`
              : `Nothing tells these apart: ${left.map(({ name }) => name).join(", ")}.`}
          </p>
          {found ? (
            <Button
              weight="main"
              onClick={() => {
                onFound(found.id);
                onClose();
              }}
            >
              Show {found.name}
            </Button>
          ) : null}
        </>
      )}
    </Panel>
  );
}
