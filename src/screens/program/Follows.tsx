import { viewOf, type MenuState } from "@/core/display";
import { Button } from "@/ui/primitives";
import { viewWords } from "@/words";
import type { KeysStageProps } from "../job/stageProps";
import * as say from "@/words/screens/program/follows";

interface FollowsProps extends KeysStageProps {
  readonly state: MenuState;
  readonly onTakeOver: () => void;
}

/** Another window leads the keys: this one shows where they stand, and presses nothing. */
export function Follows({ profile, state, program, onTakeOver }: FollowsProps) {
  const view = viewOf(profile, state);
  return (
    <div className="max-w-2xl rounded-xl bg-sheet p-6">
      <p className="text-xl font-semibold">{say.anotherWindowLeadsThe}</p>
      <p className="mt-1 mb-4 text-quiet">{say.thisOneFollowsAs(viewWords(view))}</p>
      {program.notice ? <p className="mb-3 text-quiet">{say.somethingWentOffThe}</p> : null}
      <Button weight="main" big onClick={onTakeOver}>
        {say.leadFromHere}
      </Button>
    </div>
  );
}
