// The words of screens/bike/VisitTable.
import type { FactChange } from "@/core/book/factChanges";
import { INTAKE_WORDS } from "../../fields";
import { typedFactText } from "../../typedFact";
import { count, dayAndTime, plain } from "../../speak";

export const line = "Line";
export const table = "Lines by visit: found, then left";
export const visit = (number: string, iso: string) => `${number} · ${dayAndTime(iso)}`;
export const stillOpen = "still open";
export const handedOver = (iso: string) => `left ${dayAndTime(iso)}`;
export const why = "Why it was here";
export const display = "Display";
export const noDisplay = "none chosen";
export const odometer = "Odometer";
/** The distance in km; as typed where it is no distance. */
export const odometerSaid = (typed: string, km: number | null) =>
  km !== null ? `${plain(km, 1)} km` : typed.trim() === "" ? "not read" : `“${typed}” is no distance`;
export const ridden = (km: number) => `${plain(km, 1)} km since the visit before`;
export const parts = "Others than before";
const NOT_SAID = { said: "not said", measured: "not measured" } as const;
/** One thing that is another than before; a rollout is told of one turn. */
export function otherPart({ key, was, now }: FactChange): string {
  const isRollout = key === "rolloutMm";
  const told = (typed: string) =>
    typed === "" ? NOT_SAID[isRollout ? "measured" : "said"] : typedFactText(key, typed);
  return `${isRollout ? "Rollout, one turn" : INTAKE_WORDS[key].label}: ${told(was)} → ${told(now)}`;
}
export const noOthers = "none typed";
export const firstVisit = "first visit";
export const proofs = "Proofs";
export const proofsSaid = (passed: number, failed: number) =>
  [`${passed} passed`, ...(failed > 0 ? [`${failed} failed`] : [])].join(", ");
export const seals = "Seals";
export const sealsSaid = (n: number, holds: boolean) =>
  n === 0 ? "none" : `${count(n, "sheet")}, ${holds ? "every seal holds" : "a seal is broken"}`;
export const found = "found";
export const left = "left";
export const foundAndLeft = (foundValue: string, leftValue: string) => `${foundValue} → ${leftValue}`;
export const unknown = "?";
export const drifted = "found otherwise than we left it";
export const showAll = (n: number) => `Show all ${count(n, "line")}`;
export const onlyChanged = "Only lines that moved";
export const noneMoved = "No line has moved over these visits.";
export const takeAlong = "Take it along";
