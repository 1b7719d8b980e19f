import { atHome, levelsInForce, type Deed } from "@/core/display";
import type { KeyWork } from "@/core/record";
import { decoded } from "@/core/setup";
import { RuledTable } from "@/ui/primitives";
import {
  deedWords,
  gestureWords,
  keyNames,
  keyOf,
  ruleConditions,
  count,
  duration,
  dayAndTime,
  lineName,
  plain,
  reasonWords,
  speed,
  stepRunWords,
  valueMeaning,
} from "@/ui/wording";
import { KeyCap } from "@/ui/keys/KeyCap";
import type { StageProps } from "../job/JobScreen";
import { stepName } from "../program/stepWords";
import { voiceOf } from "../job/voice";

function CardHead({ title, job, workings }: Pick<StageProps, "job" | "workings"> & { readonly title: string }) {
  return (
    <header className="mb-3 flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-2">
      <h2 className="text-[1.5rem]">{title}</h2>
      <p>
        <strong>{workings.bike.nickname || "New bike"}</strong>{" "}
        <span className="code">{String(job.number).padStart(4, "0")}</span> · {workings.bike.frame} ·{" "}
        {job.profile?.name} · {workings.choice?.rule.badge ?? "no class"}
      </p>
    </header>
  );
}

const CARD = "print-page rounded-xl bg-sheet p-6 max-sm:p-4 print:rounded-none print:p-0";

/** Workshop sheet: every line as found, as left, and why. */
export function WorkshopSheet({ job, workings }: StageProps) {
  const { sheet, readBack, choice, checks } = workings;
  if (!sheet) return null;
  const voice = voiceOf(workings);
  const lastSeal = job.sheets[job.sheets.length - 1];
  return (
    <article className={CARD} aria-label="Workshop sheet">
      <CardHead title="Workshop sheet" job={job} workings={workings} />
      <RuledTable
        label="Lines as found and as left"
        headings={["Line", "Sets", "As found", "As left", "Why"]}
        widthClass="min-w-[600px] print:min-w-0"
      >
        {sheet.rows.map((row, i) => {
          const verdict = readBack[i];
          const left = verdict && "raw" in verdict ? row.target : null;
          const changed = row.asFound && row.target && row.asFound.raw !== row.target.raw;
          return (
            <tr key={row.code} className="border-b border-rule align-top">
              <td className="py-1 pr-2 font-bold">{row.code}</td>
              <td className="py-1 pr-2">{lineName(row.line)}</td>
              <td className="py-1 pr-2">{row.asFound?.shows ?? "unread"}</td>
              <td className={`py-1 pr-2 ${changed ? "font-bold" : ""}`}>
                {left?.shows ?? (row.target ? `(${row.target.shows})` : "—")}
              </td>
              <td className="py-1 text-quiet">
                {changed
                  ? reasonWords(row.reason, job.profile?.name ?? "The display", voice).why[0]
                  : row.locked
                    ? "Not touched: maker only."
                    : "Not changed."}
              </td>
            </tr>
          );
        })}
      </RuledTable>
      <p className="mt-2 text-[0.85rem] text-quiet">
        A value in brackets is planned and not read back. Checks passed:{" "}
        {checks.filter(({ verdict }) => verdict === "passed").length} of {checks.length}.
      </p>
      {choice ? (
        <p className="mt-2 text-[0.85rem] text-quiet">
          Checked against {choice.rule.name} ({choice.rule.source}, as known on {choice.rule.knownOn}). Not checked by
          any display: {choice.rule.beyondTheDisplay.join("; ").toLowerCase()}. Check your local code.
        </p>
      ) : null}
      {lastSeal ? (
        <p className="mt-2 text-[0.78rem] break-all text-quiet">
          Last seal {dayAndTime(lastSeal.at)}: <span className="code">{lastSeal.hash}</span>
        </p>
      ) : null}
    </article>
  );
}

/** Deeds that are the rider's own business. */
const OWNERS: ReadonlySet<Deed["kind"]> = new Set<Deed["kind"]>([
  "power-on",
  "power-off",
  "start-walk-assist",
  "step-level",
  "toggle-lamp",
  "toggle-hazard-lamp",
  "next-info",
  "open-monitor",
  "start-cruise",
  "end-cruise",
  "step-backlight",
]);

/** Owner's card: their keys, their levels, their limits. */
export function OwnersCard({ job, workings }: StageProps) {
  const { sheet, choice } = workings;
  const { profile } = job;
  if (!sheet || !profile) return null;
  const { unit } = voiceOf(workings);
  const levels = levelsInForce(
    profile,
    atHome(
      profile,
      sheet.targetRaws.map((raw, i) => raw ?? profile.lines[i]?.factoryRaw ?? 0),
    ),
  );
  const cap = sheet.targetCap;
  const cutOff = decoded(profile, sheet.targetRaws, "cutOffV");
  const powerOn = decoded(profile, sheet.targetRaws, "levelAtPowerOn");
  const throttle = sheet.rows.find((row) => row.settings.includes("throttleMode"));
  const facts: readonly (readonly [string, string])[] = [
    [
      "Assist ends at",
      cap.kind === "true"
        ? `${speed(cap.kmh.nominal, unit)} true, ${plain(cap.shownKmh)} km/h set`
        : cap.kind === "uncapped"
          ? "no cap"
          : "measured, see the workshop sheet",
    ],
    ["Levels", `0 to ${levels}, starts in ${powerOn === "last-used" ? "the one last used" : `level ${powerOn ?? 0}`}`],
    [
      "Throttle",
      workings.bike.throttleFitted === false
        ? "none fitted"
        : throttle?.target
          ? (valueMeaning(throttle.target.means) ?? throttle.target.shows)
          : "see the workshop sheet",
    ],
    ["Battery cuts off at", cutOff === null ? "see the workshop sheet" : `${plain(cutOff)} V. Charge well before.`],
  ];
  return (
    <article className={CARD} aria-label="Owner’s card">
      <CardHead title="Owner’s card" job={job} workings={workings} />
      <div className="grid gap-6 sm:grid-cols-2">
        <dl className="flex flex-col gap-2">
          {facts.map(([what, value]) => (
            <div key={what}>
              <dt className="text-[0.85rem] text-quiet">{what}</dt>
              <dd className="text-[1.15rem] font-semibold">{value}</dd>
            </div>
          ))}
        </dl>
        <div>
          <h3 className="mb-2 text-[1.1rem]">Your keys</h3>
          <ul className="flex flex-col gap-2">
            {profile.rules
              .filter((rule) => (rule.on === "home" || rule.on === "off") && OWNERS.has(rule.does.kind))
              .map((rule, i) => {
                const key = rule.keys[0] ? keyOf(profile, rule.keys[0]) : null;
                return (
                  <li key={i} className="flex items-center gap-3">
                    {key ? <KeyCap displayKey={key} size={36} /> : null}
                    <span>
                      <strong>{keyNames(profile, rule.keys)}</strong> {gestureWords(rule)}: {deedWords(profile, rule)}
                      {ruleConditions(profile, rule) ? `, ${ruleConditions(profile, rule)}` : ""}
                    </span>
                  </li>
                );
              })}
          </ul>
        </div>
      </div>
      {job.handOverNote.trim() ? <p className="mt-4 border-t border-rule pt-3">{job.handOverNote}</p> : null}
      <p className="mt-4 border-t border-rule pt-3 text-[0.9rem]">
        Never read the display while riding. {choice?.rule.publicRoad === false ? "Not for public roads. " : ""}Speed,
        current and cut-off were set for this tyre, motor and battery: a change of any of them makes these numbers
        stale.
      </p>
      {choice ? (
        <p className="mt-2 text-[0.95rem]">
          Label: <strong>{choice.rule.name}</strong>
          {workings.bike.motorRatedW ? ` · ${workings.bike.motorRatedW} W` : ""}
          {cap.kind === "true" ? ` · ${speed(cap.kmh.nominal, unit)}` : ""}. Checked against the class text, not
          certified.
        </p>
      ) : null}
    </article>
  );
}

/** Way-back card: the keys that bring the display back to how it was found. */
export function WayBackCard({ job, workings, work }: StageProps & { readonly work: KeyWork }) {
  const { profile } = job;
  if (!profile) return null;
  return (
    <article className={CARD} aria-label="Way-back card">
      <CardHead title="Way back" job={job} workings={workings} />
      {work.steps.length === 0 ? (
        <p>Nothing was changed: the display is as it was found.</p>
      ) : (
        <>
          <p className="mb-3">
            From the home screen back to how it was found: {count(work.presses, "key press", "key presses")},{" "}
            {duration(work.totalMs)}. Wheel clear of the floor, or brake held.
          </p>
          <ol className="grid gap-x-8 sm:grid-cols-2">
            {work.steps.map((step, i) => (
              <li key={i} className="flex gap-3 border-b border-rule py-1.5">
                <span className="w-6 text-right text-quiet">{i + 1}</span>
                <span>
                  <strong>{stepName(profile, step)}</strong>
                  <span className="block text-[0.92rem]">
                    {step.runs.map((run) => stepRunWords(profile, run)).join(", then ")}
                  </span>
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-3 text-[0.9rem] text-quiet">
            As found it was not judged safe or fit for a class. Prove it again after going back.
          </p>
        </>
      )}
    </article>
  );
}
