/** Where a step of work on a description was done, in words: "Line 41, Maker's value". */
import { lineIndex, type DisplayProfile } from "@/core/display";
import type { Path } from "@/core/display/editing";
import { fieldLabel } from "./grammar";

export function stepWords(path: Path, profile: DisplayProfile): string {
  const [part, at] = path;
  const field = [...path].reverse().findIndex((step) => typeof step === "string");
  const label = path.length > 0 ? fieldLabel(path.slice(0, path.length - field)) : "";
  if (part === "lines" && typeof at === "number") {
    const code = profile.lines[at]?.code;
    return code !== undefined && lineIndex(profile, code) >= 0 && path.length > 2
      ? `line ${code}, ${label.toLowerCase()}`
      : `line ${code ?? at + 1}`;
  }
  if (part === "rules" && typeof at === "number")
    return path.length > 2 ? `rule ${at + 1}, ${label.toLowerCase()}` : `rule ${at + 1}`;
  return label.toLowerCase() || "the description";
}
