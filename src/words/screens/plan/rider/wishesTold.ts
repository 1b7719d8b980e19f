// The words of screens/plan/rider/WishesTold.
import { count } from "../../../speak";

export const whatBecameOfThem = "What becomes of each wish";
export const noneYet = "Nothing wished yet. The plan stands as it is for this rider.";
export const line = (code: string) => `Line ${code}`;
export const noLineFor = (settings: string) => `No line of this display for ${settings}.`;
export const findTheCause = "Look for the cause too";
export const moves = (n: number) => (n === 0 ? "moves nothing here" : `moves ${count(n, "line")}`);
