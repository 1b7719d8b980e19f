"use client";
import { Fragment, useState } from "react";
import { cellsOf, claimState, withLineAt, withLines, type Line } from "@/core/display";
import { withNewLine } from "@/core/display/editing";
import { isSecondClick, pressOnce } from "@/ui/primitives/Button";
import { Button, KeptField, RuledTable, SignShape, useTell } from "@/ui/primitives";
import { LONGEST_CODE, RESERVED_NAMES } from "@/core/units/limits";
import { ENCODING_WORDS } from "@/words/profiles";
import { Cell } from "./Cell";
import { LineDetail } from "./LineDetail";
import { SettingField } from "./SettingField";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/lineGrid";

/**
 * The lines of a display, one a row: code, meaning, range, the maker's value; the chosen one opens below with its
 * claims.
 */
export function LineGrid({ profile, change }: WorkbenchProps) {
  const tell = useTell();
  const [chosen, setChosen] = useState<string | null>(null);
  const at = profile.lines.findIndex((line) => line.code === chosen);
  const line = profile.lines[at];
  const put = (index: number, next: Line) => change((now) => withLineAt(now, index, next));
  // Codes that are words need more room than numbers do.
  const codeWidth = `${Math.min(18, Math.max(6, ...profile.lines.map((each) => each.code.length)) + 4)}ch`;
  const add = () => {
    const end = { page: 0, at: profile.menu.pages[0]?.entries.length ?? 0 };
    change((now) => withNewLine(now, end).profile);
    setChosen(withNewLine(profile, end).code);
  };
  const drop = (index: number) => {
    const gone = profile.lines[index];
    if (!gone || profile.lines.length < 2) return;
    change((now) =>
      withLines(
        now,
        now.lines.filter((_, i) => i !== index),
      ),
    );
    tell(say.lineWasTakenOut(gone.code), () => change((now) => withLines(now, now.lines.toSpliced(index, 0, gone))));
  };

  return (
    <div>
      <RuledTable
        label={say.linesOfTheDisplay}
        headings={[say.code, say.sets, say.from, say.upTo, say.makers, { hidden: say.open }]}
        widthClass="min-w-[640px]"
      >
        {profile.lines.map((each, i) => (
          <Fragment key={i}>
            <Row
              index={i}
              line={each}
              codeWidth={codeWidth}
              open={each.code === chosen}
              onPut={(next) => put(i, next)}
              onOpen={() => setChosen(each.code === chosen ? null : each.code)}
            />
            {each.code === chosen ? (
              <tr>
                <td colSpan={6} className="pb-4">
                  <LineDetail profile={profile} change={change} at={i} inARow />
                </td>
              </tr>
            ) : null}
          </Fragment>
        ))}
      </RuledTable>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={add}>{say.addALine}</Button>
        {line ? (
          <Button weight="quiet" disabled={profile.lines.length < 2} onClick={() => drop(at)}>
            {say.takeOutLine(line.code)}
          </Button>
        ) : null}
      </div>
    </div>
  );
}

function Row({
  index,
  line,
  codeWidth,
  open,
  onPut,
  onOpen,
}: {
  readonly index: number;
  readonly line: Line;
  readonly codeWidth: string;
  readonly open: boolean;
  readonly onPut: (line: Line) => void;
  readonly onOpen: () => void;
}) {
  const cells = cellsOf(line);
  const state = claimState(line);
  return (
    <tr className={`border-b border-rule align-top ${open ? "bg-sheet" : ""}`}>
      <td className="py-1 pr-2" style={{ width: codeWidth, minWidth: codeWidth }}>
        <KeptField
          of={`row ${index} code`}
          label={say.code}
          hideLabel
          longest={LONGEST_CODE}
          value={line.code}
          onKeep={(code) =>
            code.trim() && !RESERVED_NAMES.includes(code.trim()) ? onPut({ ...line, code: code.trim() }) : undefined
          }
          inputClass="font-bold"
        />
      </td>
      <td className="py-1 pr-2">
        <SettingField line={line} onPut={onPut} />
        <span className="text-[0.82rem] text-quiet">
          {ENCODING_WORDS[line.encoding.kind]}
          {state.disputed ? (
            <span className="ml-2 text-ink">
              <SignShape sign="caution" size={10} />
              {say.claimsDisagree}
            </span>
          ) : null}
        </span>
      </td>
      <td className="w-24 py-1 pr-2">
        <Cell line={line} field="from" text={cells.from} onPut={onPut} />
      </td>
      <td className="w-24 py-1 pr-2">
        <Cell line={line} field="to" text={cells.to} onPut={onPut} />
      </td>
      <td className="w-24 py-1 pr-2">
        <Cell line={line} field="factory" text={cells.factory} onPut={onPut} />
      </td>
      <td className="w-16 py-1">
        <button
          type="button"
          aria-expanded={open}
          aria-label={say.lineMore(line.code)}
          onKeyDown={pressOnce}
          onClick={(event) => (isSecondClick(event) ? undefined : onOpen())}
          className="min-h-11 w-full rounded-md border-2 border-rule font-semibold hover:border-quiet"
        >
          {open ? say.less : say.more}
        </button>
      </td>
    </tr>
  );
}
