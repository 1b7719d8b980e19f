"use client";
import { useEffect, useState } from "react";
import type { Paper } from "@/core/record";
import { Choice, useKeptState } from "@/ui/primitives";
import { ENGLISH } from "@/words/ownersCard/english";
import { isLanguage, LANGUAGES } from "@/words/ownersCard/languages";
import type { OwnersWords } from "@/words/ownersCard/ownersWords";
import { OwnersCard } from "./OwnersCard";
import * as say from "@/words/screens/hand-over/ownersCardInTheirs";

/** The owner's card in the language its rider reads; the choice is kept for the next bike. */
export function OwnersCardInTheirs({ paper }: { readonly paper: Paper }) {
  const [kept, keep] = useKeptState("owners-language", "en");
  const language = isLanguage(kept) ? kept : "en";
  const [words, setWords] = useState<OwnersWords>(ENGLISH);
  useEffect(() => {
    let asked = true;
    void LANGUAGES[language].load().then((loaded) => (asked ? setWords(loaded) : undefined));
    return () => {
      asked = false;
    };
  }, [language]);
  return (
    <div>
      <div className="no-print mb-2">
        <Choice
          label={say.ownersCardIn}
          value={language}
          options={Object.entries(LANGUAGES).map(([value, { name }]) => ({ value, label: name }))}
          onChoose={keep}
        />
      </div>
      <OwnersCard paper={paper} words={words} />
    </div>
  );
}
