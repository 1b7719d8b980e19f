"use client";
import type { DisplayProfile } from "@/core/display";
import { swapOutlook, type Job } from "@/core/record";
import { Button, Caution } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { CarriedOver } from "../job/CarriedOver";
import * as say from "@/words/screens/intake/swapDisplay";

interface SwapDisplayProps {
  readonly job: Job;
  readonly to: DisplayProfile;
  readonly onSwap: () => void;
  readonly onClose: () => void;
}

/** What becomes of every value when the display is swapped, before it is. */
export function SwapDisplay({ job, to, onSwap, onClose }: SwapDisplayProps) {
  const outlook = swapOutlook(job, to);
  if (!outlook || !job.profile) return null;
  const carried = outlook.settings.filter(({ fate }) => fate === "kept" || fate === "rounded").length;
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={say.comesOffGoesOn(job.profile.name, to.name)}
      description={say.everyValueOfThe}
    >
      <Caution>{say.thePlugMayFit}</Caution>
      <CarriedOver outlook={outlook} />
      <div className="mt-4 flex flex-wrap gap-3">
        <Button weight="main" onClick={onSwap}>
          {say.swapAndCarryOver(carried)}
        </Button>
        <Button onClick={onClose}>{say.leaveOn(job.profile.name)}</Button>
      </div>
    </Panel>
  );
}
