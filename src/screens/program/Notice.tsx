import type { Keys } from "@/core/record";
import { Caution } from "@/ui/primitives";
import * as say from "@/words/screens/program/notice";

export type NoticeOf = NonNullable<Keys["notice"]>;

/** What went off the plan last, and that the card goes on from there. */
export function Notice({ notice }: { readonly notice: NoticeOf }) {
  const lines = notice.lines.length > 0 ? notice.lines.join(", ") : "nothing";
  const text = {
    "menu-closed-discarded": say.theMenuClosedBy(lines),
    "menu-closed-saved": say.theMenuClosedByItself(lines),
    "off-plan": say.thatWasOffThe,
    "power-lost": say.theDisplayWentDark(lines),
  }[notice.kind];
  return (
    <div role="status" className="mb-4">
      <Caution>{text}</Caution>
    </div>
  );
}
