/** Lines that end drive at a speed, however they write it: what the speed is compared with, and what it ends. */
import type { Encoding, SpeedCapEncoding } from "./profileTypes";

/** What a cap is compared with: the speed shown, the controller's own measure, or nobody knows. */
export type CapBasis = SpeedCapEncoding["basis"];

const isCap = (encoding: Encoding): boolean =>
  encoding.kind === "bundle"
    ? encoding.options.some(({ means }) => means.assistCapKmh !== undefined)
    : encoding.setting === "assistCapKmh" || encoding.setting === "throttleCapKmh";

/** Kinds of encoding a cap can be written in as a speed, so that it has something it is compared with. */
type CapEncoding = Extract<Encoding, { kind: "speed-cap" | "choice" | "number" | "bundle" }>;
const asCap = (encoding: Encoding): CapEncoding | null =>
  isCap(encoding) &&
  (encoding.kind === "speed-cap" ||
    encoding.kind === "choice" ||
    encoding.kind === "number" ||
    encoding.kind === "bundle")
    ? encoding
    : null;

/** What a cap is compared with; null for a line that is no cap, or whose scale nobody knows. */
export function capBasisOf(encoding: Encoding): CapBasis | null {
  const cap = asCap(encoding);
  return cap && (cap.basis ?? "unknown");
}

/** Whether throttle drive ends at an assist cap too. */
export const endsThrottle = (encoding: Encoding): boolean => asCap(encoding)?.endsThrottle ?? false;

/** The same cap with what it is compared with stated; a line that is no cap stays as it is. */
export function withCapBasis(encoding: Encoding, basis: CapBasis): Encoding {
  const cap = asCap(encoding);
  return cap ? { ...cap, basis } : encoding;
}
