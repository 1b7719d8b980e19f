import { viewOf, type MenuState } from "@/core/display";
import { Button } from "@/ui/primitives";
import { viewWords } from "@/words";
import type { KeysStageProps } from "../job/stageProps";

interface FollowsProps extends KeysStageProps {
  readonly state: MenuState;
  readonly onTakeOver: () => void;
}

/** Another window leads the keys: this one shows where they stand, and presses nothing. */
export function Follows({ profile, state, program, onTakeOver }: FollowsProps) {
  const view = viewOf(profile, state);
  return (
    <div className="max-w-2xl rounded-xl bg-sheet p-6">
      <p className="text-xl font-semibold">Another window leads the keys.</p>
      <p className="mt-1 mb-4 text-quiet">
        This one follows. As told there, the display stands at: {viewWords(view)}. Two cards for one bike would each
        know half of it.
      </p>
      {program.notice ? (
        <p className="mb-3 text-quiet">Something went off the plan there; it goes on from there.</p>
      ) : null}
      <Button weight="main" big onClick={onTakeOver}>
        Lead from here
      </Button>
    </div>
  );
}
