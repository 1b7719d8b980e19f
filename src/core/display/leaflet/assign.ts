/**
 * Sixth stage: which line means what, over the whole menu at once. A menu has one line for a setting, unless it has
 * banks; so the best reading of one line may have to give way to a better one of another.
 */

/**
 * For each row the column it gets, no column twice, with the greatest sum of gains; -1 where it gets none. A column is
 * given only for a gain above zero. Successive shortest augmenting paths with potentials (Kuhn and Munkres, in the form
 * of e-maxx), over as many spare columns as rows.
 */
export function assigned(gains: readonly (readonly number[])[]): readonly number[] {
  const rows = gains.length;
  const columns = (gains[0]?.length ?? 0) + rows;
  const real = columns - rows;
  const cost = (row: number, column: number): number => (column < real ? -Math.max(0, gains[row]?.[column] ?? 0) : 0);
  const rowPotential = new Array<number>(rows + 1).fill(0);
  const columnPotential = new Array<number>(columns + 1).fill(0);
  /** Row a column belongs to, from 1; 0 none. */
  const owner = new Array<number>(columns + 1).fill(0);
  for (let row = 1; row <= rows; row++) {
    const way = new Array<number>(columns + 1).fill(0);
    const least = new Array<number>(columns + 1).fill(Infinity);
    const used = new Array<boolean>(columns + 1).fill(false);
    owner[0] = row;
    let at = 0;
    do {
      used[at] = true;
      const from = owner[at] ?? 0;
      let delta = Infinity;
      let next = 0;
      for (let column = 1; column <= columns; column++) {
        if (used[column]) continue;
        const reduced = cost(from - 1, column - 1) - (rowPotential[from] ?? 0) - (columnPotential[column] ?? 0);
        if (reduced < (least[column] ?? Infinity)) {
          least[column] = reduced;
          way[column] = at;
        }
        if ((least[column] ?? Infinity) < delta) {
          delta = least[column] ?? Infinity;
          next = column;
        }
      }
      for (let column = 0; column <= columns; column++)
        if (used[column]) {
          const own = owner[column] ?? 0;
          rowPotential[own] = (rowPotential[own] ?? 0) + delta;
          columnPotential[column] = (columnPotential[column] ?? 0) - delta;
        } else least[column] = (least[column] ?? Infinity) - delta;
      at = next;
    } while ((owner[at] ?? 0) !== 0);
    while (at !== 0) {
      const before = way[at] ?? 0;
      owner[at] = owner[before] ?? 0;
      at = before;
    }
  }
  const given = new Array<number>(rows).fill(-1);
  for (let column = 1; column <= real; column++) {
    const row = (owner[column] ?? 0) - 1;
    if (row >= 0 && (gains[row]?.[column - 1] ?? 0) > 0) given[row] = column - 1;
  }
  return given;
}
