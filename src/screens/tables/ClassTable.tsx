import { CLASSES } from "@/catalog/classes/classes";
import { limitRow } from "@/core/benches/tables";
import { NumberTable } from "@/ui/primitives";
import { fixed, plain } from "@/words";
import { Source } from "./Source";

/** What each class asks for, in either unit, and what a line of whole numbers may hold. */
export function ClassTable() {
  return (
    <>
      <NumberTable
        caption="Assist limits by class"
        headings={["Class", "Limit", "km/h", "mph", "Whole km/h line", "Whole mph line", "Walking aid", "Motor"]}
        rows={CLASSES.map(limitRow).map(({ rule, kmh, mph, wholeKmh, wholeMph }) => ({
          key: rule.id,
          head: rule.badge,
          cells: [
            rule.assist
              ? `${rule.assist.strict ? "under " : ""}${plain(rule.assist.value)} ${rule.assist.unit === "mph" ? "mph" : "km/h"}`
              : "none",
            kmh === null ? "—" : fixed(kmh, 3),
            mph === null ? "—" : fixed(mph, 3),
            wholeKmh === null ? "—" : String(wholeKmh),
            wholeMph === null ? "—" : String(wholeMph),
            rule.walkAssistKmh === null ? "—" : `${plain(rule.walkAssistKmh, 2)} km/h`,
            rule.motor ? `${rule.motor.strictness === "below" ? "below " : ""}${rule.motor.limitW} W` : "—",
          ],
          working: [
            rule.name,
            `Source: ${rule.source}, as known on ${rule.knownOn}`,
            `rounded down to what the line holds${rule.assist?.strict ? "; the limit itself is not allowed" : ""}`,
          ],
        }))}
      />
      <Source>
        From memory, each with its source and day behind the class. Check your local code and, where needed, a licensed
        inspector. Rounded down, after dividing out the read-out error, which the plan does and this table does not.
      </Source>
    </>
  );
}
