import type { DisplayProfile, Line } from "@/core/display";

/** Longest note and claim, characters. */
export const LONGEST_NOTE = 400;

/** What every part of the workbench gets: the display as described so far, and the way to change that. */
export interface WorkbenchProps {
  readonly profile: DisplayProfile;
  readonly change: (edit: (profile: DisplayProfile) => DisplayProfile) => void;
}

/** What every part of one line gets. */
export interface LineProps {
  readonly line: Line;
  readonly onPut: (line: Line) => void;
}
