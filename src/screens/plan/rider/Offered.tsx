import { COMPLAINT_WORDS } from "@/catalog/faults/complaints";
import { signsOfComplaint } from "@/core/faults/case";
import type { WishId } from "@/core/facts";
import { wishesOfSigns } from "@/core/wishes";
import { Button } from "@/ui/primitives";
import { WISH_NAMES } from "@/words/wishNames";
import * as say from "@/words/screens/plan/rider/offered";

interface OfferedProps {
  readonly said: string;
  readonly wished: readonly WishId[];
  readonly toggle: (wish: WishId, on: boolean) => void;
}

/** What the rider's own words may stand for; nothing is taken until it is tapped. */
export function Offered({ said, wished, toggle }: OfferedProps) {
  const offered = wishesOfSigns(signsOfComplaint(COMPLAINT_WORDS, said)).filter((wish) => !wished.includes(wish));
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
