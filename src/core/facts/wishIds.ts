/**
 * Wishes of a rider by their names: how the bike is used, and what the rider says of it. What each asks of the
 * settings stands in `core/wishes`.
 */
export const USES = [
  "heavy",
  "cargo",
  "child-aboard",
  "hills",
  "mud-and-sand",
  "traffic-lights",
  "delivery",
  "rental",
  "fleet",
  "range-first",
  "trail",
] as const;

export const SAYS = [
  "kicks-hard",
  "weak-on-hills",
  "fast-in-one",
  "surges",
  "late",
  "gauge-lies",
  "cuts-out",
  "start-without-pedalling",
  "younger-rider",
] as const;

export const WISH_IDS = [...USES, ...SAYS] as const;
export type WishId = (typeof WISH_IDS)[number];

const isWish = (text: string): text is WishId => WISH_IDS.some((id) => id === text);

/** Wishes as they are kept: their names in a row. Others are left out. */
export const readWishes = (typed: string): readonly WishId[] => [...new Set(typed.split(/\s+/).filter(isWish))];

/** Where two wishes pull a setting both ways: the one that was chosen, or that neither moves it. */
export type Winner = WishId | "neither";

/** The choices made between wishes, as kept: "setting:wish" in a row. */
export const readWinners = (typed: string): ReadonlyMap<string, Winner> =>
  new Map(
    typed.split(/\s+/).flatMap((pair): readonly (readonly [string, Winner])[] => {
      const [setting = "", winner = ""] = pair.split(":");
      return setting !== "" && (winner === "neither" || isWish(winner)) ? [[setting, winner]] : [];
    }),
  );
