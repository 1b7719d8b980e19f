/** The longest series of codes that count up through a text: a menu's lines stand in order, stray numbers do not. */

export interface Counted {
  /** Where it stands in the text. */
  readonly at: number;
  /** What its code counts to. */
  readonly value: number;
  /** How much it looks like the beginning of a line, 0 to 1. */
  readonly weight: number;
}

/** Greatest value a code can count to: three digits before the point and two behind it. */
const MOST = 100_000;

interface Best {
  readonly weight: number;
  readonly from: number;
}

/**
 * The heaviest strictly rising series in order of place: each value once. A running greatest over the values seen so
 * far is kept in a tree, so that a long text takes hardly longer than a short one.
 */
export function heaviestRise<Item extends Counted>(items: readonly Item[]): readonly Item[] {
  const tree = new Map<number, Best>();
  const before: number[] = [];
  let top: Best = { weight: 0, from: -1 };
  const bestBelow = (value: number): Best => {
    let best: Best = { weight: 0, from: -1 };
    for (let i = value; i > 0; i -= i & -i) {
      const here = tree.get(i);
      if (here && here.weight > best.weight) best = here;
    }
    return best;
  };
  for (const [i, { value, weight }] of items.entries()) {
    const below = bestBelow(value);
    before.push(below.from);
    const here: Best = { weight: below.weight + weight, from: i };
    for (let at = value + 1; at <= MOST; at += at & -at) {
      const was = tree.get(at);
      if (!was || here.weight > was.weight) tree.set(at, here);
    }
    if (here.weight > top.weight) top = here;
  }
  const rise: Item[] = [];
  for (let at = top.from; at >= 0; at = before[at] ?? -1) {
    const item = items[at];
    if (item) rise.unshift(item);
  }
  return rise;
}
