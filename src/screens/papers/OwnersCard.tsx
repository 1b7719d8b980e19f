"use client";
import { useMemo } from "react";
import type { DisplayProfile } from "@/core/display";
import type { OwnersFacts, Paper } from "@/core/record";
import { KeyCap } from "@/ui/keys/KeyCap";
import { keyNames, keyOf } from "@/words";
import { ownersKeys } from "@/words/papers/keysSaid";
import {
  type ClassSaid,
  cardNotes,
  cardStanding,
  classSaid,
  codeWords,
  levelRows,
  levelsHead,
  ownersRows,
} from "@/words/papers/ownersContent";
import type { PaperWords } from "@/words/papers/paperWords";
import { voiceOf } from "../job/voice";
import { codesOf } from "./codes";
import { HomeDrawing } from "./HomeDrawing";
import { PaperFrame } from "./PaperFrame";

interface OwnersCardProps {
  readonly paper: Paper;
  readonly facts: OwnersFacts;
  readonly words: PaperWords;
}

/** Owner's card: their screen, their keys, their levels, their limits, in the language they read. */
export function OwnersCard({ paper, facts, words }: OwnersCardProps) {
  const { job, workings } = paper;
  const { profile } = job;
  const { unit } = voiceOf(workings);
  const rows = useMemo(() => ownersRows(facts, words, unit), [facts, words, unit]);
  if (!profile) return null;
  const said = classSaid(paper, words, unit);
  return (
    <PaperFrame title={words.title} paper={paper} words={words} namesClass={said?.name !== null}>
      <div className="paper-columns">
        <dl className="break-inside-avoid">
          {rows.map(({ fact, term, says }) => (
            <div key={fact} className="flex flex-wrap gap-x-2 border-b border-rule py-0.5">
              <dt className="text-quiet">{term}</dt>
              <dd className="font-semibold">{says}</dd>
            </div>
          ))}
        </dl>
        <HomeDrawing profile={profile} words={words} facts={facts} />
        <Keys profile={profile} words={words} />
        <Levels facts={facts} words={words} paper={paper} />
        <Codes profile={profile} words={words} />
      </div>
      {job.handOverNote.trim() ? (
        <p className="mt-2 border-t border-rule pt-1.5 break-words whitespace-pre-line">{job.handOverNote}</p>
      ) : null}
      <p className="mt-2 border-t border-rule pt-1.5">{cardNotes(words, cardStanding(paper, facts)).join(" ")}</p>
      {said ? <ClassLine said={said} /> : null}
    </PaperFrame>
  );
}

function Keys({ profile, words }: { readonly profile: DisplayProfile; readonly words: PaperWords }) {
  return (
    <section className="break-inside-avoid">
      <h4 className="mb-1 font-head text-[1.05rem] font-bold">{words.keys}</h4>
      <ul>
        {ownersKeys(profile, words).map(({ rule, words: said }, i) => (
          <li key={i} className="flex items-center gap-2 py-0.5">
            <span className="flex shrink-0 gap-1">
              {rule.keys.map((id) => {
                const key = keyOf(profile, id);
                return key ? <KeyCap key={id} displayKey={key} size={33} /> : null;
              })}
            </span>
            <span className="min-w-0">
              <strong>{keyNames(profile, rule.keys)}</strong> {said}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Levels({ facts, words, paper }: OwnersCardProps) {
  const rows = levelRows(facts, words, voiceOf(paper.workings).unit);
  if (rows.length === 0) return null;
  return (
    <section className="break-inside-avoid">
      <h4 className="mb-1 font-head text-[1.05rem] font-bold">{levelsHead(facts, words)}</h4>
      <table className="w-full tabular-nums">
        <thead>
          <tr className="border-b border-ink text-left">
            <th scope="col">{words.level}</th>
            <th scope="col">{words.steady}</th>
            <th scope="col">{words.range}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ level, steady, range }) => (
            <tr key={level} className="border-b border-rule">
              <th scope="row" className="pr-2 text-left">
                {level}
              </th>
              <td className="pr-2">{steady}</td>
              <td>{range}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-quiet">{words.levelsNote}</p>
    </section>
  );
}

function Codes({ profile, words }: { readonly profile: DisplayProfile; readonly words: PaperWords }) {
  const codes = codesOf(profile);
  if (codes.length === 0) return null;
  return (
    <section className="break-inside-avoid">
      <h4 className="mb-1 font-head text-[1.05rem] font-bold">{words.codes}</h4>
      <ul>
        {codes.map((code) => {
          const [mark, means, first] = codeWords(code, words);
          return (
            <li key={mark} className="border-b border-rule py-0.5">
              <strong>{mark}</strong> {means}: {first}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The class the bike leaves in, or why none is named. */
const ClassLine = ({ said }: { readonly said: ClassSaid }) =>
  said.name === null ? (
    <p className="mt-1 font-semibold">
      {said.before} {said.behind}
    </p>
  ) : (
    <p className="mt-1">
      {said.before} <strong>{said.name}</strong>
      {said.behind}
    </p>
  );
