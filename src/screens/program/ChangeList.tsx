import { linesOf, shows, type DisplayProfile } from "@/core/display";
import type { ProgramOutlook } from "@/core/record";
import { SignShape } from "@/ui/primitives";
import { lineName } from "@/words";
import * as say from "@/words/screens/program/changeList";

interface Change {
  readonly index: number;
  readonly from: string;
  readonly to: string;
  readonly unread: boolean;
}

/** Lines whose value the keys change or that are read on the way, in the order the keys come to them. */
function changesOf(profile: DisplayProfile, { steps, start, targets, unread }: ProgramOutlook): readonly Change[] {
  const lines = linesOf(profile);
  const met = new Set<number>();
  for (const { line, after } of steps) if (line !== null && after.screen.kind === "menu") met.add(line);
  const order = [...met, ...lines.map((_, i) => i)];
  return [...new Set(order)].flatMap((index) => {
    const line = lines[index];
    const [was, becomes] = [start.saved[index], targets[index]];
    const isUnread = unread.includes(index);
    if (!line || was === undefined || becomes === undefined || (was === becomes && !isUnread)) return [];
    const from = isUnread ? "unread" : shows(line.encoding, was);
    const to = becomes === null ? say.asItStands : shows(line.encoding, becomes);
    return [{ index, from, to, unread: isUnread }];
  });
}

/** What the keys will change, in which order. */
export function ChangeList({
  profile,
  outlook,
}: {
  readonly profile: DisplayProfile;
  readonly outlook: ProgramOutlook;
}) {
  const changes = changesOf(profile, outlook);
  if (changes.length === 0) return null;
  const lines = linesOf(profile);
  return (
    <section aria-labelledby="changes" className="min-w-0">
      <h3 id="changes" className="mb-2 text-[1.25rem]">
        {say.whatWillChangeIn}
      </h3>
      <ol className="border-t border-rule">
        {changes.map(({ index, from, to, unread }) => {
          const line = lines[index];
          return line ? (
            <li key={line.code} className="flex items-baseline gap-3 border-b border-rule py-1.5">
              <SignShape sign={unread ? "unknown" : "odd"} size={11} />
              <span className="min-w-9 font-bold">{line.code}</span>
              <span className="min-w-0 flex-1 break-words">{lineName(line)}</span>
              <span className="shrink-0 text-right">
                <span className="text-quiet">{from}</span> → <strong>{unread ? say.readItThenPlan : to}</strong>
              </span>
            </li>
          ) : null;
        })}
      </ol>
      <p className="mt-2 text-[0.9rem] text-quiet">{say.otherLineStaysAs(lines.length, changes.length)}</p>
    </section>
  );
}
