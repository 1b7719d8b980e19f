/** Which fields of a construct are asked, in what order: those that can say something where it stands. */
import { capBasisOf } from "../caps";
import type { DisplayProfile, Encoding, KeyRule } from "../profile";
import { fieldsFor, formAt, nameOfPlace } from "./grammar";
import { valueAt, type Path } from "./paths";

/** Fields asked before the others, in this order, by the place of what has them. */
const FIRST: Readonly<Record<string, readonly string[]>> = {
  rules: ["on", "keys", "gesture", "does"],
  keys: ["name", "part", "cap", "keyboard"],
};

/** Fields nobody is asked: counted up or made by themselves, or asked by a field of their own. */
const NEVER: ReadonlySet<string> = new Set([
  "keys.id",
  "menu.pages.id",
  "menu.pages.entries",
  "menu.pages.entries.code",
  "lines.encoding.setting",
  "lines.claims.chosen",
]);

const FOR_CAPS: ReadonlySet<string> = new Set(["basis", "endsThrottle"]);

type Asking = (owner: unknown) => boolean;
const on =
  (...screens: readonly KeyRule["on"][]): Asking =>
  (owner) =>
    screens.includes((owner as KeyRule).on);

/** Fields asked only where they can say something. */
const ONLY: Readonly<Record<string, Asking>> = {
  "rules.pages": on("menu", "code", "confirm"),
  "rules.editing": on("menu"),
  "rules.infoLine": on("home"),
  "rules.wheelStill": on("home", "menu"),
  "lines.encoding.basis": (owner) => capBasisOf(owner as Encoding) !== null,
  "lines.encoding.endsThrottle": (owner) => capBasisOf(owner as Encoding) !== null,
};

/** Fields asked of what stands at a place. One that says something is asked wherever it stands. */
export function fieldsAsked(profile: DisplayProfile, path: Path): readonly string[] {
  const owner = valueAt(profile, path);
  const place = nameOfPlace(path);
  const names = [...fieldsFor(formAt(path, profile), owner).keys()];
  const first = FIRST[place] ?? [];
  const ordered = [...first.filter((name) => names.includes(name)), ...names.filter((name) => !first.includes(name))];
  return ordered.filter((name) => {
    const full = `${place}.${name}`;
    if (NEVER.has(full)) return false;
    const said = valueAt(owner, [name]);
    const speaks = said !== null && said !== undefined && said !== false && !FOR_CAPS.has(name);
    return speaks || (ONLY[full]?.(owner) ?? true);
  });
}
