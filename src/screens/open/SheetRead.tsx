"use client";
import type { TravelSheet } from "@/core/record/travelSheet";
import { RuledTable } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import * as say from "@/words/screens/open/sheetRead";
import { ticketNumber } from "@/core/units/ticketNumber";

/** What a bike's display was left with, off the code on its workshop sheet: to be looked at, and nothing is stored. */
export function SheetRead({ sheet, onClose }: { readonly sheet: TravelSheet; readonly onClose: () => void }) {
  const facts = [
    [say.display, sheet.display.name],
    [say.classWord, sheet.className ?? say.none],
    [say.handedOver, sheet.handedOverAt === null ? say.notHandedOver : say.on(sheet.handedOverAt)],
    [say.seal, sheet.seal === null ? say.none : say.sealed(sheet.seal)],
  ] as const;
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={say.title(ticketNumber(sheet.number), sheet.nickname)}
      description={say.what}
    >
      <dl className="mb-4 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5">
        {facts.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-quiet">{name}</dt>
            <dd className="min-w-0 break-words">{value}</dd>
          </div>
        ))}
      </dl>
      <RuledTable label={say.lines} headings={[say.line, say.showed]}>
        {sheet.lines.map(([code, shown]) => (
          <tr key={code} className="border-b border-rule">
            <th scope="row" className="code py-1 text-left font-bold">
              {code}
            </th>
            <td className="py-1">{shown}</td>
          </tr>
        ))}
      </RuledTable>
    </Panel>
  );
}
