"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { settingsOf, withTaken, type SettingKey } from "@/core/display";
import type { KnownMenu, LeafletReading, ReadLine } from "@/core/display/leaflet";
import { readAs } from "@/core/display/leaflet/readLine";
import { ownDisplays } from "@/store";
import { Button, useKeptState, useTell } from "@/ui/primitives";
import { readLeafletText } from "@/workers/textClient";
import { ReadingProgress, useReading } from "../job/useReading";
import { ReadRow } from "./ReadRow";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/leafletPanel";

const NOTHING_READ: LeafletReading = { lines: [], leftOver: [] };

/** What the technician has said lines set, by what they were said of; "" stands for not known. */
type Said = Readonly<Record<string, SettingKey | "">>;

/** What was said of a line holds as long as the text says the same of it. */
const saidOf = ({ code, text }: ReadLine): string => `${code} ${text}`;

/** Lines as they were read, or as the technician says: what the text tells of their values stays. */
const proposedOf = ({ lines }: LeafletReading, said: Said): readonly ReadLine[] =>
  lines.map((read) => {
    const own = said[saidOf(read)];
    return own === undefined ? read : readAs(read, own === "" ? null : own);
  });

/** What the other displays described in this workshop have lines for; null while they are not read. */
function useMenus(id: string): readonly KnownMenu[] | null {
  const own = useLiveQuery(() => ownDisplays());
  return (
    own
      ?.filter((display) => display.id !== id)
      .map(({ lines }) => new Set(lines.flatMap((line) => settingsOf(line)))) ?? null
  );
}

/** The leaflet reader: paste the text in whatever shape, look at what was made of it, take it. */
export function LeafletPanel({ profile, change, onDone }: WorkbenchProps & { readonly onDone: () => void }) {
  const [text, setText] = useKeptState(`leaflet.${profile.id}`, "");
  const [kept, keepSaid] = useKeptState(`leaflet.said.${profile.id}`, "{}");
  const said = JSON.parse(kept) as Said;
  const menus = useMenus(profile.id);
  const progress = useReading(menus ? text : "", (pasted, tell) => readLeafletText(pasted, menus ?? [], tell));
  const tell = useTell();
  const reading = progress.result ?? NOTHING_READ;
  const proposed = proposedOf(reading, said);
  const isSaid = (read: ReadLine) => said[saidOf(read)] !== undefined;
  const sure = proposed.filter((read) => read.sureness === "sure" || isSaid(read)).length;
  const takeAll = () => {
    // Lines the reader only guesses at come in as guesses: what they set stands, as a claim nobody has chosen.
    const reads = proposed.map((read) => ({ read, isSaid: isSaid(read) }));
    const taken = withTaken(profile, reads);
    change((now) => withTaken(now, reads).profile);
    tell(say.taken(taken), () => change((now) => ({ ...now, lines: profile.lines, menu: profile.menu })));
    onDone();
  };
  return (
    <div>
      <label htmlFor="leaflet" className="text-[0.92rem] font-semibold">
        {say.theLeafletsTextIn}
      </label>
      <textarea
        id="leaflet"
        rows={9}
        value={text}
        onChange={(event) => setText(event.target.value)}
        placeholder={
          "h1  Brightness 1-5, default 3\nh2  Low voltage protection 28.0-44.0 V, default 31.5\nh3  Speed limit 10-45 km/h, default 25"
        }
        className="mt-1 w-full rounded-md border-2 border-rule bg-sheet px-3 py-2 font-code text-[0.85rem]"
      />
      <ReadingProgress reading={progress} />
      {text.trim() === "" ? (
        <div className="mt-2 max-w-[60ch] text-quiet">
          <p>{say.numberedLinesTablesBroken}</p>
          <p className="mt-2">{say.noPictures}</p>
        </div>
      ) : (
        <>
          <div className="my-3 flex flex-wrap items-center justify-between gap-3">
            <p aria-live="polite">{say.lineFoundSureRow(reading.lines.length, sure, reading.leftOver.length)}</p>
            <Button weight="main" disabled={proposed.length === 0} onClick={takeAll}>
              {say.takeTheseLines}
            </Button>
          </div>
          <ul>
            {proposed.map((read) => (
              <ReadRow
                key={read.code}
                read={read}
                isSaid={isSaid(read)}
                onSay={(setting) => keepSaid(JSON.stringify({ ...said, [saidOf(read)]: setting }))}
              />
            ))}
          </ul>
          <LeftOver reading={reading} />
        </>
      )}
    </div>
  );
}

/** Rows of the text nothing was made of. */
function LeftOver({ reading }: { readonly reading: LeafletReading }) {
  return reading.leftOver.length > 0 ? (
    <details className="mt-4">
      <summary className="min-h-11 font-semibold">{say.rowsNothingWasMade}</summary>
      <ul className="text-quiet">
        {reading.leftOver.map((row) => (
          <li key={row} className="break-words">
            {row}
          </li>
        ))}
      </ul>
    </details>
  ) : null;
}
