/**
 * Private land is a decision: whose land it is, on which day, and which road class the bike goes back to. The way back
 * is always ready, and is one deed: the road class again, nothing set by hand that matters in law, keys planned anew.
 */
import { atHome, linesOf, settingsOf, SETTINGS, type MenuState } from "../display";
import type { KeyGoal } from "../keys";
import { heldRaws } from "./columns";
import { withEvent, type Job } from "./job";
import { isOffRoad } from "./offRoad";
import { setKeysAside } from "./settingAside";
import { workOut } from "./workings";

/** The job back in its road class, its keys to be planned anew; the same job where there is none. `at` is ISO. */
export function backToRoad(job: Job, at: string, why: string): Job {
  const { roadClass } = job.classChoice;
  const { profile } = job;
  if (!isOffRoad(job) || !roadClass) return job;
  const aside = setKeysAside(job, at, why);
  const inLaw = new Set(
    (profile ? linesOf(profile) : []).flatMap((line) =>
      settingsOf(line).some((setting) => SETTINGS[setting].mattersInLaw) ? [line.code] : [],
    ),
  );
  const without = <Value>(values: Readonly<Record<string, Value>>) =>
    Object.fromEntries(Object.entries(values).filter(([code]) => !inLaw.has(code)));
  return withEvent(
    {
      ...aside,
      classChoice: { ...aside.classChoice, rule: roadClass, acceptReading: false, acceptedKmh: "" },
      overrides: without(aside.overrides),
      overrideReasons: without(aside.overrideReasons ?? {}),
    },
    at,
    "back-to-road",
    roadClass.name,
  );
}

/** The keys from what the display holds to the road class; null where there is none to go back to, or no display. */
export function roadTask(job: Job): { readonly state: MenuState; readonly goal: KeyGoal } | null {
  const { profile, program } = job;
  if (!profile || !program || !isOffRoad(job) || !job.classChoice.roadClass) return null;
  const sheet = workOut(backToRoad(job, job.updatedAt, "tried")).sheet;
  const held = heldRaws(job).map((raw, i) => raw ?? program.targets[i] ?? 0);
  return (
    sheet && { state: atHome(profile, held), goal: { targets: sheet.target.raws.map((raw, i) => raw ?? held[i] ?? 0) } }
  );
}
