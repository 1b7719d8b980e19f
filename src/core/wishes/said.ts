/** Wishes heard in what an owner says: offered, never taken. */
import type { WishId } from "../facts";

interface Heard {
  readonly wish: WishId;
  readonly all: readonly RegExp[];
  readonly unless?: RegExp;
}

/** A text as the words are written in: small letters, one kind of apostrophe. */
const plainly = (said: string): string => said.toLowerCase().replaceAll("’", "'");

/** The wishes whose words stand in a text, in the order of `words`. */
export function wishesSaid(words: readonly Heard[], said: string): readonly WishId[] {
  const text = plainly(said);
  const heard = words.filter(({ all, unless }) => all.every((each) => each.test(text)) && !unless?.test(text));
  return [...new Set(heard.map(({ wish }) => wish))];
}
