import { withLineAt, type DisplayProfile, type Line } from "@/core/display";

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

/** What a part of one line gets that changes it place by place: the description, and where the line stands. */
export interface LineAtProps extends WorkbenchProps {
  readonly at: number;
}

/** A line by where it stands, to be put anew whole. */
export function lineProps({ change, at }: LineAtProps): Pick<LineProps, "onPut"> {
  return { onPut: (line) => change((now) => withLineAt(now, at, line)) };
}
