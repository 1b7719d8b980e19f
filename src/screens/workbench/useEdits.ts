"use client";
import { useCallback, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import {
  NO_HISTORY,
  patchesBetween,
  redone,
  undone,
  withPatches,
  withStep,
  type History,
} from "@/core/display/editing";
import { changeDisplay } from "@/store";
import type { WorkbenchProps } from "./workbenchProps";

type Edit = (profile: DisplayProfile) => DisplayProfile;

interface Ahead {
  readonly profile: DisplayProfile;
  /** Writes under way. */
  readonly writes: number;
  /** What is on screen is ahead of what is read until this revision has come. */
  readonly until: number;
}

export interface Edits {
  /** The display as the hand has it, ahead of what is written. */
  readonly profile: DisplayProfile;
  readonly change: WorkbenchProps["change"];
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
  /** Steps so far, the last first. */
  readonly history: History;
}

/** A display on the workbench: what is changed shows at once, is written behind, and can be taken back step by step. */
export function useEdits(stored: DisplayProfile): Edits {
  const [ahead, setAhead] = useState<Ahead | null>(null);
  const [history, setHistory] = useState(NO_HISTORY);
  const isAhead = ahead !== null && (ahead.writes > 0 || stored.revision < ahead.until);
  const profile = isAhead ? ahead.profile : stored;
  const { id } = stored;
  const write = useCallback(
    (edit: Edit, told: (was: DisplayProfile, is: DisplayProfile) => void) => {
      setAhead((now) => {
        const base =
          now && (now.writes > 0 || stored.revision < now.until) ? now : { profile: stored, writes: 0, until: 0 };
        return { ...base, profile: edit(base.profile), writes: base.writes + 1 };
      });
      const over = (until: number) =>
        setAhead((now) => now && { ...now, writes: now.writes - 1, until: Math.max(now.until, until) });
      changeDisplay(id, edit).then(
        ({ was, is }) => {
          told(was, is);
          over(is.revision);
        },
        // A write that fails is told by the frame around the screen.
        () => over(0),
      );
    },
    [id, stored],
  );
  const change = useCallback(
    (edit: Edit) => write(edit, (was, is) => setHistory((steps) => withStep(steps, patchesBetween(was, is)))),
    [write],
  );
  const along = (next: ReturnType<typeof undone>) =>
    next &&
    (() => {
      setHistory(next.history);
      write(
        (now) => withPatches(now, next.patches),
        () => undefined,
      );
    });
  return { profile, change, undo: along(undone(history)), redo: along(redone(history)), history };
}
