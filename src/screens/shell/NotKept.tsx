"use client";
import type { WriteFailure } from "@/store";
import { Alarm } from "./Alarm";
import { WayOut } from "./WayOut";
import * as say from "@/words/screens/shell/notKept";

const WHY: Readonly<Record<WriteFailure["kind"], string>> = {
  full: say.theBrowserHasNo,
  gone: say.itIsNoLonger,
  failed: say.theBrowserRefusedTo,
};

/** Says, once and plainly, that something could not be kept, and what to do. */
export function NotKept({ failure }: { readonly failure: WriteFailure }) {
  return (
    <Alarm>
      <p className="font-semibold">{say.theLastChangeIs(WHY[failure.kind])}</p>
      <p className="mb-3 text-[0.95rem]">
        {say.whatYouTypedStill}
        <span className="code block text-[0.8rem] break-words text-quiet">{failure.detail}</span>
      </p>
      <div className="flex flex-wrap gap-3">
        <WayOut failure={failure} />
      </div>
    </Alarm>
  );
}
