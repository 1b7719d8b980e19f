"use client";
import { useState } from "react";
import { linesOf, type DisplayProfile } from "@/core/display";
import { LONGEST_CODE, RESERVED_NAMES } from "@/core/units/limits";
import { Button, KeptField } from "@/ui/primitives";
import * as say from "@/words/screens/as-found/unknownLine";

interface UnknownLineProps {
  readonly profile: DisplayProfile;
  readonly onAdd: (code: string, shown: string) => void;
}

function codeProblem(profile: DisplayProfile, code: string): string | null {
  if (linesOf(profile).some((line) => line.code === code)) return say.thisLineIsAlready;
  if (code.length > LONGEST_CODE) return say.keepItToCharacters(LONGEST_CODE);
  return RESERVED_NAMES.includes(code) ? say.aLineCannotBe(code) : null;
}

/** A line the menu has and the description does not: added to this job's copy on the spot, with what it shows. */
export function UnknownLine({ profile, onAdd }: UnknownLineProps) {
  const [code, setCode] = useState("");
  const [shown, setShown] = useState("");
  const problem = codeProblem(profile, code.trim());
  const bad = shown.trim() !== "" && !/^\d{1,4}$/.test(shown.trim());
  return (
    <details className="mt-5 border-t border-rule pt-3">
      <summary className="min-h-11 font-semibold">{say.aLineIsMissing}</summary>
      <p className="mb-3 max-w-[60ch] text-quiet">{say.itIsAddedTo}</p>
      <div className="flex flex-wrap items-start gap-3">
        <div className="w-40">
          <KeptField of="unknown-code" label={say.itsCode} value={code} onKeep={setCode} problem={problem} />
        </div>
        <div className="w-40">
          <KeptField
            of="unknown-shown"
            label={say.whatItShows}
            numeric
            value={shown}
            onKeep={setShown}
            problem={bad ? say.giveAWholeNumber : null}
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
          {say.addTheLine}
        </Button>
      </div>
    </details>
  );
}
