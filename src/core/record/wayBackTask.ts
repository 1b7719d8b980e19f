/** The way back: keys that bring a programmed display to how it was found. Apart, since only its paper asks for it. */
import { atHome, type MenuState } from "../display";
import type { KeyGoal } from "../keys";
import { foundRawsOf, heldRaws } from "./columns";
import { foundLines, isUnread } from "./found";
import type { Job } from "./job";

/**
 * The way back to how the display was found: where it starts and what it leads to; null where that was never written
 * down.
 */
export function wayBackTask(job: Job): { readonly state: MenuState; readonly goal: KeyGoal } | null {
  const { profile, program } = job;
  if (!profile || !program || foundLines(job).some(isUnread)) return null;
  const found = foundRawsOf(job);
  const held = heldRaws(job).map((raw, i) => raw ?? program.targets[i] ?? 0);
  return { state: atHome(profile, held), goal: { targets: found.map((raw, i) => raw ?? held[i] ?? 0) } };
}
