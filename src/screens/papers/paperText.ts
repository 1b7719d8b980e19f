/** The rider's papers as one plain text. */
import type { KeyWork, OwnersFacts, Paper } from "@/core/record";
import { cardNotes, codeWords, levelRows, ownersRows } from "@/words/papers/ownersContent";
import type { PaperWords } from "@/words/papers/paperWords";
import { headText, ownersText, wayText } from "@/words/papers/plainText";
import { wayIntro, waySaid } from "@/words/papers/wayBackSaid";
import { voiceOf } from "../job/voice";
import { codesOf } from "./codes";

/** Owner's card and way back, one below the other; the way back only where there is one. */
export function textOf(paper: Paper, facts: OwnersFacts, back: KeyWork | null, words: PaperWords): string {
  const { job, workings, standing } = paper;
  const { profile } = job;
  if (!profile) return "";
  const { unit } = voiceOf(workings);
  const card = ownersText(
    profile,
    {
      rows: ownersRows(facts, words, unit),
      levels: levelRows(facts, words, unit),
      codes: codesOf(profile).map((code) => codeWords(code, words)),
      notes: cardNotes(words, {
        isSet: standing !== "planned-not-set",
        publicRoad: workings.choice?.rule.publicRoad !== false,
      }),
      handOverNote: job.handOverNote,
    },
    words,
  );
  const way = back?.plan.ok
    ? ["", ...wayText(waySaid(profile, back, words), wayIntro(back, words, undefined), words)]
    : [];
  return [...headText(paper, words), "", ...card, ...way].join("\n");
}
