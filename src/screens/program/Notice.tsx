import type { Keys } from "@/core/record";
import { Caution } from "@/ui/primitives";

export type NoticeOf = NonNullable<Keys["notice"]>;

/** What went off the plan last, and that the card goes on from there. */
export function Notice({ notice }: { readonly notice: NoticeOf }) {
  const lines = notice.lines.length > 0 ? notice.lines.join(", ") : "nothing";
  const text = {
    "menu-closed-discarded": `The menu closed by itself. Thrown away: ${lines}. The card goes on from there.`,
    "menu-closed-saved": `The menu closed by itself. Saved: ${lines}. The card goes on from there.`,
    "off-plan": "That was off the plan. These are the keys from where it is now.",
    "power-lost": `The display went dark. Not saved: ${lines}. The card goes on from there.`,
  }[notice.kind];
  return (
    <div role="status" className="mb-4">
      <Caution>{text}</Caution>
    </div>
  );
}
