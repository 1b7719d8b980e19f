/**
 * What follows from the values of a display, worked out once for each set of them: a display that only moves on, closes
 * or is switched keeps its values as they are, and most of a search is moving on.
 */
import type { MenuState } from "../display";

type Values = Pick<MenuState, "pending" | "saved" | "inForce">;

interface Known<Made> extends Values {
  readonly toLook: ReadonlySet<number>;
  readonly variant: number;
  readonly made: Made;
}

export class PerValues<Made> {
  private readonly known = new WeakMap<readonly number[], Known<Made>[]>();

  /** What `make` makes of these values, made at most once for the same arrays, the same set and the same variant. */
  get(values: Values, toLook: ReadonlySet<number>, variant: number, make: () => Made): Made {
    let list = this.known.get(values.pending);
    if (!list) this.known.set(values.pending, (list = []));
    for (const each of list)
      if (
        each.saved === values.saved &&
        each.inForce === values.inForce &&
        each.toLook === toLook &&
        each.variant === variant
      )
        return each.made;
    const { pending, saved, inForce } = values;
    const made = make();
    list.push({ pending, saved, inForce, toLook, variant, made });
    return made;
  }
}
