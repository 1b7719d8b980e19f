"use client";
import { Fragment, useState } from "react";
import {
  cellsOf,
  chooseClaim,
  claimState,
  measuredText,
  newLine,
  SETTING_KEYS,
  usualEncoding,
  withCell,
  withLines,
  withMeasured,
  type CellField,
  type Claim,
  type Line,
  type SettingKey,
} from "@/core/display";
import { Button, Choice, KeptField, RuledTable, SignShape, useTell } from "@/ui/primitives";
import { LONGEST_CODE, RESERVED_NAMES } from "@/core/units/limits";
import { SETTING_NAMES } from "@/ui/wording";
import { cellProblemText, CLAIM_SOURCES, ENCODING_WORDS } from "@/ui/wording/profiles";
import type { WorkbenchProps } from "./workbenchProps";

/** Longest note and claim, characters. */
const LONGEST_NOTE = 400;

const BY_NAME: ReadonlyMap<string, SettingKey> = new Map(
  SETTING_KEYS.map((key) => [SETTING_NAMES[key].toLowerCase(), key]),
);

/** The lines of a display, one a row: code, meaning, range, the maker's value; the chosen one opens below with its claims. */
export function LineGrid({ profile, change }: WorkbenchProps) {
  const tell = useTell();
  const [chosen, setChosen] = useState<string | null>(null);
  const at = profile.lines.findIndex((line) => line.code === chosen);
  const line = profile.lines[at];
  const put = (index: number, next: Line) => change((now) => replaceLine(now, index, next));
  // Codes that are words need more room than numbers do.
  const codeWidth = `${Math.min(18, Math.max(6, ...profile.lines.map((each) => each.code.length)) + 4)}ch`;
  const add = () => {
    const number = profile.lines.length + 1;
    const code =
      [...Array(200).keys()]
        .map((i) => String(number + i))
        .find((each) => !profile.lines.some((other) => other.code === each)) ?? `x${number}`;
    change((now) => withLines(now, [...now.lines, newLine(code)]));
    setChosen(code);
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
    tell(`Line ${gone.code} was taken out.`, () =>
      change((now) => withLines(now, now.lines.toSpliced(index, 0, gone))),
    );
  };

  return (
    <div>
      <datalist id="settings-known">
        {SETTING_KEYS.map((key) => (
          <option key={key} value={SETTING_NAMES[key]} />
        ))}
      </datalist>
      <RuledTable
        label="Lines of the display"
        headings={["Code", "Sets", "From", "Up to", "Maker’s", { hidden: "Open" }]}
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
                  <LineDetail line={each} onPut={(next) => put(i, next)} />
                </td>
              </tr>
            ) : null}
          </Fragment>
        ))}
      </RuledTable>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={add}>Add a line</Button>
        {line ? (
          <Button weight="quiet" disabled={profile.lines.length < 2} onClick={() => drop(at)}>
            Take out line {line.code}
          </Button>
        ) : null}
      </div>
    </div>
  );
}

function replaceLine(profile: WorkbenchProps["profile"], index: number, next: Line): WorkbenchProps["profile"] {
  const old = profile.lines[index];
  if (!old) return profile;
  const renamed = old.code !== next.code;
  const lines = profile.lines.map((line, i) => (i === index ? next : line));
  if (!renamed) return { ...profile, lines };
  const pages = profile.menu.pages.map((page) => ({
    ...page,
    entries: page.entries.map((entry) =>
      entry.kind === "line" && entry.line === old.code ? { ...entry, line: next.code } : entry,
    ),
  }));
  const follow = (condition: Line["shownWhen"]) =>
    condition?.line === old.code ? { ...condition, line: next.code } : condition;
  return {
    ...profile,
    menu: { ...profile.menu, pages },
    lines: lines.map((line) => ({ ...line, shownWhen: follow(line.shownWhen), mattersWhen: follow(line.mattersWhen) })),
  };
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
          label="Code"
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
              <SignShape sign="caution" size={10} /> claims disagree
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
          aria-label={`Line ${line.code}, more`}
          onClick={onOpen}
          className="min-h-11 w-full rounded-md border-2 border-rule font-semibold hover:border-quiet"
        >
          {open ? "less" : "more"}
        </button>
      </td>
    </tr>
  );
}

/** What a line sets, by type-ahead over everything a line can mean; empty is not known. */
function SettingField({ line, onPut }: { readonly line: Line; readonly onPut: (line: Line) => void }) {
  const name = line.encoding.setting ? SETTING_NAMES[line.encoding.setting] : "";
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? name;
  const unknown = typed !== null && typed.trim() !== "" && !BY_NAME.has(typed.trim().toLowerCase());
  if (line.encoding.kind === "bundle" || line.encoding.kind === "read-only")
    return (
      <p className="min-h-11 py-2.5">{line.encoding.kind === "bundle" ? "several settings" : "nothing: read only"}</p>
    );
  return (
    <label className="block">
      <span className="sr-only">What line {line.code} sets</span>
      <input
        list="settings-known"
        value={shown}
        aria-invalid={unknown ? true : undefined}
        placeholder="not known"
        className={`min-h-11 w-full rounded-md border-2 bg-sheet px-3 ${unknown ? "border-breach" : "border-rule hover:border-quiet"}`}
        onBlur={() => (unknown ? undefined : setTyped(null))}
        onChange={(event) => {
          const text = event.target.value;
          setTyped(text);
          const setting = BY_NAME.get(text.trim().toLowerCase());
          if (text.trim() === "")
            onPut({ ...line, encoding: { kind: "reserved", setting: null, rawMin: 0, rawMax: 9 }, factoryRaw: 0 });
          else if (setting && setting !== line.encoding.setting) {
            const fresh = newLine(line.code, usualEncoding(setting));
            const first =
              cellsOf(fresh).factory === null
                ? 0
                : fresh.encoding.kind === "choice"
                  ? (fresh.encoding.options[0]?.raw ?? 0)
                  : fresh.encoding.kind === "wheel-code"
                    ? (fresh.encoding.codes[0]?.raw ?? 0)
                    : "rawMin" in fresh.encoding
                      ? fresh.encoding.rawMin
                      : 0;
            onPut({ ...line, encoding: fresh.encoding, factoryRaw: first, makerOnly: fresh.makerOnly });
          }
        }}
      />
      {unknown ? (
        <span className="block text-[0.85rem] text-breach">
          ▲ No setting of that name. Pick one of the list, or leave it empty.
        </span>
      ) : null}
    </label>
  );
}

/** A cell that keeps what is typed, right or wrong, until it can be taken. */
function Cell({
  line,
  field,
  text,
  onPut,
}: {
  readonly line: Line;
  readonly field: CellField;
  readonly text: string | null;
  readonly onPut: (line: Line) => void;
}) {
  const [kept, setKept] = useState<string | null>(null);
  if (text === null) return <p className="min-h-11 py-2.5 text-quiet">{field === "factory" ? "" : "—"}</p>;
  const edit = kept === null ? null : withCell(line, field, kept);
  return (
    <KeptField
      of={`${line.code} ${field}`}
      label={`Line ${line.code}, ${field === "factory" ? "maker’s" : field}`}
      hideLabel
      numeric={field !== "options"}
      value={kept ?? text}
      onKeep={(typed) => {
        const next = withCell(line, field, typed);
        setKept(next.ok ? null : typed);
        if (next.ok) onPut(next.line);
      }}
      problem={edit && !edit.ok ? cellProblemText(edit.problem, line) : null}
    />
  );
}

function LineDetail({ line, onPut }: { readonly line: Line; readonly onPut: (line: Line) => void }) {
  const cells = cellsOf(line);
  const { encoding } = line;
  return (
    <section aria-label={`Line ${line.code} in full`} className="rounded-xl bg-sheet p-5">
      <h2 className="mb-3 text-[1.3rem]">Line {line.code}</h2>
      <div className="grid gap-4 sm:grid-cols-2">
        {cells.options !== null ? (
          <div className="sm:col-span-2">
            <Labelled
              label={encoding.kind === "wheel-code" ? "Wheel codes, as shown = inches" : "Values, as shown = meaning"}
            >
              <Cell line={line} field="options" text={cells.options} onPut={onPut} />
            </Labelled>
          </div>
        ) : null}
        {cells.step !== null ? (
          <Labelled label="Step">
            <Cell line={line} field="step" text={cells.step} onPut={onPut} />
          </Labelled>
        ) : null}
        <Choice
          label="At the ends"
          value={line.atEnds}
          options={[
            { value: "stop", label: "Stops" },
            { value: "wrap", label: "Comes round" },
          ]}
          onChoose={(atEnds) => onPut({ ...line, atEnds: atEnds === "wrap" ? "wrap" : "stop" })}
        />
        <Choice
          label="Who may set it"
          value={line.makerOnly ? "maker" : "technician"}
          options={[
            { value: "technician", label: "Technician" },
            { value: "maker", label: "Maker only" },
          ]}
          onChoose={(who) => onPut({ ...line, makerOnly: who === "maker" })}
        />
        <Choice
          label="Does it do anything?"
          value={line.effect}
          options={[
            { value: "not-tried", label: "Not tried" },
            { value: "works", label: "It does" },
            { value: "none", label: "Nothing" },
          ]}
          onChoose={(effect) =>
            onPut({ ...line, effect: effect === "works" ? "works" : effect === "none" ? "none" : "not-tried" })
          }
        />
        {encoding.kind === "speed-cap" ? (
          <>
            <Choice
              label="Held in"
              value={encoding.heldIn}
              options={[
                { value: "kmh", label: "km/h" },
                { value: "mph", label: "mph" },
                { value: "shown", label: "As shown" },
              ]}
              onChoose={(heldIn) =>
                onPut({
                  ...line,
                  encoding: { ...encoding, heldIn: heldIn === "mph" ? "mph" : heldIn === "shown" ? "shown" : "kmh" },
                })
              }
            />
            <Choice
              label="Compared with"
              value={encoding.basis}
              hint="Only a cap on the speed shown is ever turned into a true speed. Leave it unknown until you have tried it."
              options={[
                { value: "unknown", label: "Not known" },
                { value: "shown", label: "The speed shown" },
                { value: "own", label: "Its own measure" },
              ]}
              onChoose={(basis) =>
                onPut({
                  ...line,
                  encoding: { ...encoding, basis: basis === "shown" ? "shown" : basis === "own" ? "own" : "unknown" },
                })
              }
            />
            <Choice
              label="Top value means no cap"
              value={encoding.uncappedRaw === encoding.rawMax ? "yes" : "no"}
              options={[
                { value: "yes", label: "Yes" },
                { value: "no", label: "No" },
              ]}
              onChoose={(yes) =>
                onPut({ ...line, encoding: { ...encoding, uncappedRaw: yes === "yes" ? encoding.rawMax : null } })
              }
            />
          </>
        ) : null}
        {encoding.kind === "unknown-scale" ? (
          <>
            <Choice
              label="A larger number is"
              value={encoding.larger}
              options={[
                { value: "unknown", label: "Not known" },
                { value: "more", label: "More" },
                { value: "less", label: "Less" },
              ]}
              onChoose={(larger) =>
                onPut({
                  ...line,
                  encoding: {
                    ...encoding,
                    larger: larger === "more" ? "more" : larger === "less" ? "less" : "unknown",
                  },
                })
              }
            />
            <Measured line={line} onPut={onPut} />
          </>
        ) : null}
        <div className="sm:col-span-2">
          <KeptField
            of={`${line.code} note`}
            label="Note"
            longest={LONGEST_NOTE}
            value={line.note ?? ""}
            onKeep={(note) => onPut({ ...line, note: note.trim() === "" ? null : note })}
          />
        </div>
      </div>
      <Claims line={line} onPut={onPut} />
    </section>
  );
}

/** What was measured on a line whose scale nobody has stated: only what stands here is ever aimed for. */
function Measured({ line, onPut }: { readonly line: Line; readonly onPut: (line: Line) => void }) {
  const [kept, setKept] = useState<string | null>(null);
  return (
    <KeptField
      of={`${line.code} measured`}
      label="Measured, as shown = value"
      value={kept ?? measuredText(line)}
      hint={
        line.encoding.setting === "assistCapKmh"
          ? "True km/h where help ended: 12=24.4, 10=26.1. Nothing else is aimed for."
          : "For example 12=24.4, 10=26.1. Nothing else is aimed for."
      }
      onKeep={(typed) => {
        const next = withMeasured(line, typed);
        setKept(next ? null : typed);
        if (next) onPut(next);
      }}
      problem={kept !== null ? "Give pairs of what it shows and what was measured, such as 12=24.4." : null}
    />
  );
}

function Labelled({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <span className="text-[0.92rem] font-semibold">{label}</span>
      {children}
    </div>
  );
}

/** Who says what a line means, how sure they are, and which of them is believed. */
function Claims({ line, onPut }: { readonly line: Line; readonly onPut: (line: Line) => void }) {
  const [from, setFrom] = useState<Claim["from"]>("own-trial");
  const [says, setSays] = useState("");
  const state = claimState(line);
  const add = (said: string) => {
    const claim: Claim = {
      from,
      confidence: from === "own-trial" ? 0.9 : 0.6,
      says: said.trim(),
      setting: line.encoding.setting,
      chosen: false,
    };
    onPut({ ...line, claims: [...line.claims, claim].slice(-20) });
    setSays("");
  };
  return (
    <div className="mt-5 border-t border-rule pt-4">
      <h3 className="mb-2 text-[1.1rem]">Who says so</h3>
      {state.disputed ? (
        <p className="mb-2 flex items-baseline gap-2">
          <SignShape sign="caution" /> They disagree:{" "}
          {[
            ...new Set(
              [line.encoding.setting, ...line.claims.map((claim) => claim.setting)].map((setting) =>
                setting ? SETTING_NAMES[setting].toLowerCase() : "not known",
              ),
            ),
          ].join(" against ")}
          . A trial settles it.
        </p>
      ) : null}
      <ul>
        {line.claims.map((claim, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule py-2">
            <span className="w-40 font-semibold">{CLAIM_SOURCES[claim.from]}</span>
            <span className="min-w-40 flex-1 break-words">
              {claim.says}
              <span className="block text-[0.85rem] text-quiet">
                {claim.setting ? SETTING_NAMES[claim.setting] : "not known"}, {Math.round(claim.confidence * 100)} %
                sure
              </span>
            </span>
            {claim.chosen ? (
              <span className="inline-flex items-baseline gap-1.5">
                <SignShape sign="done" size={11} /> believed
              </span>
            ) : (
              <Button onClick={() => onPut({ ...line, claims: chooseClaim(line.claims, i) })}>Believe this</Button>
            )}
          </li>
        ))}
      </ul>
      {line.claims.length === 0 ? <p className="text-quiet">Nobody yet.</p> : null}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1 text-[0.92rem]">
          <span className="font-semibold">From</span>
          <select
            value={from}
            onChange={(event) => setFrom(event.target.value as Claim["from"])}
            className="min-h-11 rounded-md border-2 border-rule bg-sheet px-2"
          >
            {Object.entries(CLAIM_SOURCES).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </label>
        <div className="min-w-56 flex-1">
          <KeptField
            of={`${line.code} says`}
            label="Says"
            longest={LONGEST_NOTE}
            value={says}
            onKeep={setSays}
            onEnter={(typed) => (typed.trim() ? add(typed) : undefined)}
          />
        </div>
        <Button disabled={says.trim() === ""} onClick={() => add(says)}>
          Add
        </Button>
      </div>
    </div>
  );
}
