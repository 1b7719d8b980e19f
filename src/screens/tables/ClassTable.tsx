"use client";
import { limitRow } from "@/core/benches/tables";
import { NumberTable } from "@/ui/primitives";
import { fixed } from "@/words";
import { useClasses } from "../classes/useClasses";
import { OwnClasses } from "../classes/OwnClasses";
import { Source } from "./Source";
import * as say from "@/words/screens/tables/classTable";

/** What each class asks for, in either unit, and what a line of whole numbers may hold. */
export function ClassTable() {
  const { all } = useClasses();
  return (
    <>
      <NumberTable
        caption={say.assistLimitsByClass}
        headings={[
          say.classWord,
          say.limit,
          "km/h",
          "mph",
          say.wholeKmHLine,
          say.wholeMphLine,
          say.walkingAid,
          say.motor,
        ]}
        rows={all.map(limitRow).map(({ rule, kmh, mph, wholeKmh, wholeMph }) => ({
          key: rule.id,
          head: rule.badge,
          cells: [
            rule.assist ? say.underMph(rule.assist.strict, rule.assist.value, rule.assist.unit) : "none",
            kmh === null ? "—" : fixed(kmh, 3),
            mph === null ? "—" : fixed(mph, 3),
            wholeKmh === null ? "—" : String(wholeKmh),
            wholeMph === null ? "—" : String(wholeMph),
            rule.walkAssistKmh === null ? "—" : say.kmH(rule.walkAssistKmh),
            rule.motor ? say.belowW(rule.motor.strictness, rule.motor.limitW) : "—",
          ],
          working: [
            rule.name,
            say.sourceAsKnownOn(rule.source, rule.knownOn),
            say.roundedDownTo(rule.assist?.strict ?? false),
          ],
        }))}
      />
      <Source>{say.fromMemoryEachWith}</Source>
      <OwnClasses />
    </>
  );
}
