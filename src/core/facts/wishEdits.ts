/** Wishes and the choices between them as a hand changes them: the row they are kept in, written anew. */
import { readWinners, readWishes, WISH_IDS, type Winner, type WishId } from "./wishIds";

/** The row with a wish taken in or out, in the order they are listed. */
export function withWish(typed: string, wish: WishId, wished: boolean): string {
  const kept = new Set(readWishes(typed));
  if (wished) kept.add(wish);
  else kept.delete(wish);
  return WISH_IDS.filter((id) => kept.has(id)).join(" ");
}

/** The choices with another made. */
export const withWinner = (typed: string, setting: string, winner: Winner): string =>
  [...new Map([...readWinners(typed), [setting, winner]])].map(([key, each]) => `${key}:${each}`).join(" ");
