"use client";
import { useState } from "react";
import { linesOf, type DisplayProfile } from "@/core/display";
import { LONGEST_CODE, RESERVED_NAMES } from "@/core/units/limits";
import { Button, KeptField } from "@/ui/primitives";

interface UnknownLineProps {
  readonly profile: DisplayProfile;
  readonly onAdd: (code: string, shown: string) => void;
}

function codeProblem(profile: DisplayProfile, code: string): string | null {
  if (linesOf(profile).some((line) => line.code === code)) return "This line is already there.";
  if (code.length > LONGEST_CODE) return `Keep it to ${LONGEST_CODE} characters.`;
  return RESERVED_NAMES.includes(code) ? `A line cannot be called ${code}. Write it with a mark before it.` : null;
}

/** A line the menu has and the description does not: added to this job's copy on the spot, with what it shows. */
export function UnknownLine({ profile, onAdd }: UnknownLineProps) {
  const [code, setCode] = useState("");
  const [shown, setShown] = useState("");
  const problem = codeProblem(profile, code.trim());
  const bad = shown.trim() !== "" && !/^\d{1,4}$/.test(shown.trim());
  return (
    <details className="mt-5 border-t border-rule pt-3">
      <summary className="min-h-11 font-semibold">A line is missing here?</summary>
      <p className="mb-3 max-w-[60ch] text-quiet">
        It is added to this bike’s copy of the description as not known, left alone, and read back like the others.
      </p>
      <div className="flex flex-wrap items-start gap-3">
        <div className="w-40">
          <KeptField of="unknown-code" label="Its code" value={code} onKeep={setCode} problem={problem} />
        </div>
        <div className="w-40">
          <KeptField
            of="unknown-shown"
            label="What it shows"
            numeric
            value={shown}
            onKeep={setShown}
            problem={bad ? "Give a whole number up to 9999." : null}
          />
        </div>
        <Button
          className="mt-7"
          disabled={code.trim() === "" || problem !== null || bad || shown.trim() === ""}
          onClick={() => {
            onAdd(code.trim(), shown.trim());
            setCode("");
            setShown("");
          }}
        >
          Add the line
        </Button>
      </div>
    </details>
  );
}
