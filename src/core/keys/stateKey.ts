/** What tells two states of the search apart: the screen, what is right and wrong, and what is still to be read. */
import { layoutOf, type DisplayProfile, type MenuState } from "../display";
import type { Aim, Node } from "./goal";
import { PerValues } from "./perValues";

/** A bit for each thing that still matters of a line, above a printable character. */
const MARKS = { none: 48, pendingRight: 1, savedRight: 2, inForceRight: 4, unchanged: 8, toLook: 16 } as const;

/** More pages than a menu has, and more entries than a page has: so that each place has a number of its own. */
const MOST_PAGES = 256;
const MOST_ENTRIES = 1024;

/** The function that names the states of one search. Lines that others hang on count with their value. */
export function stateKey(profile: DisplayProfile, aim: Aim): (node: Omit<Node, "key">) => string | number {
  const remembered = profile.menu.pages.flatMap((page, i) => (page.opensAt === "last-visited" ? [i] : []));
  const windowMs = Math.max(0, ...profile.rules.map((rule) => rule.sincePowerOn?.ms ?? 0));
  const controllers = layoutOf(profile).controllers;
  const counted = [...new Set([...aim.required, ...(aim.look ?? [])])];
  const numbered = new PerValues<number>();
  const numbers = new Map<string, number>();
  const plain = remembered.length === 0 && windowMs === 0;
  return ({ state, toLook, discarding }) => {
    // Sets of values that come to the same have the same number: a short name is sooner found than a long one.
    const values = numbered.get(state, toLook, 0, () => {
      const named = valuesKey(counted, aim.targets, controllers, state, toLook);
      const number = numbers.get(named) ?? numbers.size;
      numbers.set(named, number);
      return number;
    });
    const { screen } = state;
    // Most states stand on a line at rest: a number is sooner found than a name.
    if (plain && screen.kind === "menu" && screen.draft === null)
      return (values * MOST_PAGES + screen.page) * MOST_ENTRIES * 2 + screen.at * 2 + Number(discarding);
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
      return `?${screen.from?.page}.${screen.from?.at}.${screen.yes}${screen.action}`;
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
