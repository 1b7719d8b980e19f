"use client";
import { useState } from "react";
import { COMPLAINT_WORDS } from "@/catalog/faults/complaints";
import { signsOfComplaint } from "@/core/faults/case";
import { Chip } from "@/ui/primitives";
import { SIGN_WORDS, signTitle } from "@/words/faults/signs";
import * as say from "@/words/screens/faults/signList";

interface Sign {
  readonly id: string;
  readonly from: "code" | "complaint";
}
interface OwnCode {
  readonly code: string;
  readonly says: string;
  readonly sign: string | null;
}

/** So many signs a complaint may tell of are offered. */
const MOST_LIKELY = 3;

const fits = (sign: string, typed: string): boolean =>
  [signTitle(sign), ...(SIGN_WORDS[sign]?.said ?? [])].some((words) => words.toLowerCase().includes(typed));

/** What a bike may show: complaints, and codes, those of its own display by the code it writes. */
export function SignList({
  signs,
  codes,
  complaint,
  chosen,
  onToggle,
}: {
  readonly signs: readonly Sign[];
  readonly codes: readonly OwnCode[];
  /** What the rider of the bike says, as typed at its intake. */
  readonly complaint: string;
  readonly chosen: readonly string[];
  readonly onToggle: (sign: string) => void;
}) {
  const [typed, setTyped] = useState("");
  const words = typed.trim().toLowerCase();
  const told = signsOfComplaint(COMPLAINT_WORDS, words);
  const fit = (id: string): boolean => words === "" || fits(id, words) || told.includes(id) || chosen.includes(id);
  const listed = (from: Sign["from"]) => signs.filter((sign) => sign.from === from && fit(sign.id));
  const likely = signsOfComplaint(COMPLAINT_WORDS, complaint).slice(0, MOST_LIKELY);
  // What the rider says stands above, and once.
  const complaints = listed("complaint").filter(({ id }) => !likely.includes(id));
  const kinds = listed("code");
  return (
    <section aria-labelledby="signs" className="mt-5">
      <h2 id="signs" className="text-[1.4rem]">
        {say.whatDoesItShow}
      </h2>
      <label className="block max-w-md">
        <span className="text-[0.92rem] font-semibold">{say.inAFewWords}</span>
        <input
          type="search"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          className="mt-1 min-h-11 w-full rounded-md border-2 border-rule bg-sheet px-3"
        />
      </label>
      {likely.length > 0 ? (
        <Group title={say.theRiderSays(complaint)}>
          {likely.map((id) => (
            <Chip key={id} type="checkbox" checked={chosen.includes(id)} onChange={() => onToggle(id)}>
              {signTitle(id)}
            </Chip>
          ))}
        </Group>
      ) : null}
      {codes.length > 0 ? (
        <Group title={say.codesOfThisDisplay}>
          {codes.map(({ code, says, sign }) =>
            sign === null ? (
              <p key={code} className="text-quiet">
                {say.codeNobodyKnows(code, says)}
              </p>
            ) : (
              <Chip key={code} type="checkbox" checked={chosen.includes(sign)} onChange={() => onToggle(sign)}>
                {say.ownCode(code, says)}
              </Chip>
            ),
          )}
        </Group>
      ) : null}
      <Group title={say.complaints}>
        {complaints.map(({ id }) => (
          <Chip key={id} type="checkbox" checked={chosen.includes(id)} onChange={() => onToggle(id)}>
            {signTitle(id)}
          </Chip>
        ))}
      </Group>
      <Group title={say.codes}>
        {kinds.map(({ id }) => (
          <Chip key={id} type="checkbox" checked={chosen.includes(id)} onChange={() => onToggle(id)}>
            {signTitle(id)}
          </Chip>
        ))}
      </Group>
      {complaints.length + kinds.length === 0 ? <p className="mt-2 text-quiet">{say.nothingLikeThat}</p> : null}
    </section>
  );
}

function Group({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <fieldset className="mt-3">
      <legend className="text-[0.92rem] font-semibold">{title}</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">{children}</div>
    </fieldset>
  );
}
