import { COMPLAINT_WORDS } from "@/catalog/faults/complaints";
import { SAID } from "@/catalog/wishes/said";
import { signsOfComplaint } from "@/core/faults/case";
import type { WishId } from "@/core/facts";
import { wishesOfSigns } from "@/core/wishes";
import { wishesSaid } from "@/core/wishes/said";
import { Button } from "@/ui/primitives";
import { WISH_NAMES } from "@/words/wishNames";
import * as say from "@/words/screens/plan/rider/offered";

/** More than these nobody reads. */
const MOST_OFFERED = 5;

interface OfferedProps {
  readonly said: string;
  readonly wished: readonly WishId[];
  readonly toggle: (wish: WishId, on: boolean) => void;
}

/** What the rider's own words may stand for; nothing is taken until it is tapped. */
export function Offered({ said, wished, toggle }: OfferedProps) {
  const heard = [...wishesSaid(SAID, said), ...wishesOfSigns(signsOfComplaint(COMPLAINT_WORDS, said))];
  const offered = [...new Set(heard)].slice(0, MOST_OFFERED).filter((wish) => !wished.includes(wish));
  if (offered.length === 0) return null;
  return (
    <div role="group" aria-label={say.itMayBe(said.trim())} className="flex flex-wrap items-center gap-2">
      <span className="text-[0.92rem] text-quiet">{say.itMayBe(said.trim())}</span>
      {offered.map((wish) => (
        <Button key={wish} onClick={() => toggle(wish, true)}>
          {WISH_NAMES[wish]}
        </Button>
      ))}
    </div>
  );
}
