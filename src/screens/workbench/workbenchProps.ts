import type { DisplayProfile } from "@/core/display";

/** What every part of the workbench gets: the display as described so far, and the way to change that. */
export interface WorkbenchProps {
  readonly profile: DisplayProfile;
  readonly change: (edit: (profile: DisplayProfile) => DisplayProfile) => void;
}
