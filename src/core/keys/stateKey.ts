/** What tells two states of the search apart: the screen, what is right and wrong, and what is still to be read. */
import { layoutOf, type DisplayProfile, type MenuState } from "../display";
import type { Aim, Node } from "./goal";
import { PerValues } from "./perValues";

/** A bit for each thing that still matters of a line, above a printable character. */
const MARKS = { none: 48, pendingRight: 1, savedRight: 2, inForceRight: 4, unchanged: 8, toLook: 16 } as const;

/** The function that names the states of one search. Lines that others hang on count with their value. */
export function stateKey(profile: DisplayProfile, aim: Aim): (node: Omit<Node, "key">) => string {
  const remembered = profile.menu.pages.flatMap((page, i) => (page.opensAt === "last-visited" ? [i] : []));
  const windowMs = Math.max(0, ...profile.rules.map((rule) => rule.sincePowerOn?.ms ?? 0));
  const controllers = layoutOf(profile).controllers;
  const counted = [...new Set([...aim.required, ...(aim.look ?? [])])];
  const numbered = new PerValues<number>();
  const numbers = new Map<string, number>();
  return ({ state, toLook, discarding }) => {
    // Sets of values that come to the same have the same number: a short name is sooner found than a long one.
    const values = numbered.get(state, toLook, 0, () => {
      const named = valuesKey(counted, aim.targets, controllers, state, toLook);
      const number = numbers.get(named) ?? numbers.size;
      numbers.set(named, number);
      return number;
    });
    let where = screenKey(state);
    for (const page of remembered) where += `@${state.lastAt[page]}`;
    if (windowMs > 0 && state.sincePowerOnMs <= windowMs) where += `t${state.sincePowerOnMs}`;
    return `${where}${discarding ? "!" : "="}${values}`;
  };
}

function screenKey({ screen }: MenuState): string {
  switch (screen.kind) {
    case "menu":
      return `m${screen.page}.${screen.at}.${screen.draft ?? ""}`;
    case "code":
      return `c${screen.digits.join("")}.${screen.at}`;
    case "confirm":
      return `?${screen.page}.${screen.at}.${screen.yes}`;
    default:
      return screen.kind;
  }
}

function valuesKey(
  counted: readonly number[],
  targets: readonly number[],
  controllers: readonly number[],
  { pending, saved, inForce }: MenuState,
  toLook: ReadonlySet<number>,
): string {
  const marks = counted.map((i) => {
    const target = targets[i];
    return (
      MARKS.none +
      (pending[i] === target ? MARKS.pendingRight : 0) +
      (saved[i] === target ? MARKS.savedRight : 0) +
      (inForce[i] === target ? MARKS.inForceRight : 0) +
      (pending[i] === saved[i] ? MARKS.unchanged : 0) +
      (toLook.has(i) ? MARKS.toLook : 0)
    );
  });
  return `${String.fromCharCode(...marks)}${controllers.map((i) => `/${pending[i]},${saved[i]}`).join("")}`;
}
