/** Keys of one line: to look at it, or to set it and nothing else. Asked for by trials, and for help from afar. */
import { atHome, lineIndex, standInRaws, type MenuState } from "../display";
import type { KeyGoal } from "../keys";
import { heldRaws } from "./columns";
import type { Job } from "./job";

export interface LineTask {
  readonly state: MenuState;
  readonly goal: KeyGoal;
}

/** From home to one line set so, everything else left as it is; null without a display or such a line. */
export function setLineTask(job: Job, code: string, raw: number, before: number | null): LineTask | null {
  const { profile } = job;
  const index = profile ? lineIndex(profile, code) : -1;
  if (!profile || index < 0) return null;
  const standIns = standInRaws(profile);
  const held = heldRaws(job).map((each, i) => (i === index && before !== null ? before : (each ?? standIns[i] ?? 0)));
  return { state: atHome(profile, held), goal: { targets: held.with(index, raw) } };
}

/** From home to one line looked at; nothing is changed. */
export function lookAtLineTask(job: Job, code: string): LineTask | null {
  const { profile } = job;
  const index = profile ? lineIndex(profile, code) : -1;
  if (!profile || index < 0) return null;
  const standIns = standInRaws(profile);
  const held = heldRaws(job).map((each, i) => each ?? standIns[i] ?? 0);
  return { state: atHome(profile, held), goal: { targets: held, look: [index] } };
}
