/** Names written at the lines of a chart: where the lines lie furthest apart, pushed clear of each other. */

export interface NamedLine {
  readonly name: string;
  /** Points on the canvas, px, left to right; a line straight up has one x only. */
  readonly points: readonly { readonly x: number; readonly y: number }[];
}

export interface PlacedName {
  readonly name: string;
  readonly x: number;
  readonly y: number;
}

/** Least distance between two names, one under the other, px. */
const APART_PX = 15;

const isUpright = ({ points }: NamedLine): boolean => points.length > 1 && points.every(({ x }) => x === points[0]?.x);

/** Height of a line at an x, between its points; null where it does not reach. */
function heightAt({ points }: NamedLine, x: number): number | null {
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1], points[i]];
    if (!a || !b || x < a.x || x > b.x) continue;
    const share = b.x === a.x ? 0 : (x - a.x) / (b.x - a.x);
    return a.y + share * (b.y - a.y);
  }
  return null;
}

/** Lines that are the same line are named together: "level 5, level 6". */
export function mergedLines(lines: readonly NamedLine[]): readonly NamedLine[] {
  const merged: NamedLine[] = [];
  for (const line of lines) {
    const text = JSON.stringify(line.points);
    const at = merged.findIndex((other) => JSON.stringify(other.points) === text);
    const same = merged[at];
    if (same) merged[at] = { ...same, name: `${same.name}, ${line.name}` };
    else merged.push(line);
  }
  return merged;
}

/** Where each name stands, between `left` and `right` and below `top`, px. */
export function placedNames(
  lines: readonly NamedLine[],
  area: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number },
): readonly PlacedName[] {
  const all = mergedLines(lines).filter(({ points }) => points.length > 0);
  const upright = all.filter(isUpright);
  const across = all.filter((line) => !isUpright(line));
  const gapAt = (x: number): number => {
    const heights = across.map((line) => heightAt(line, x)).filter((y) => y !== null);
    if (heights.length < across.length) return -1;
    const sorted = [...heights].sort((a, b) => a - b);
    return Math.min(...sorted.slice(1).map((y, i) => y - (sorted[i] ?? 0)), area.bottom - area.top);
  };
  const tries = Array.from({ length: 18 }, (_, i) => area.left + ((area.right - area.left) * (i + 0.8)) / 20);
  const bestX = tries.reduce((best, x) => (gapAt(x) > gapAt(best) ? x : best), tries[0] ?? area.left);
  const placed = across
    .map((line) => {
      const last = line.points[line.points.length - 1];
      return { name: line.name, x: bestX, y: heightAt(line, bestX) ?? last?.y ?? area.top };
    })
    .sort((a, b) => a.y - b.y);
  let least = area.top + APART_PX / 2;
  const clear = placed.map((each) => {
    const y = Math.max(each.y, least);
    least = y + APART_PX;
    return { ...each, y };
  });
  // Pushed past the foot of the picture: the whole column moves up.
  const over = Math.max(0, least - APART_PX - (area.bottom - APART_PX / 2));
  return [
    ...clear.map((each) => ({ ...each, y: each.y - over })),
    ...upright.map(({ name, points }) => ({ name, x: (points[0]?.x ?? area.left) + 6, y: area.top + APART_PX / 2 })),
  ];
}
