/** Every kind of encoding, in one table: a kind that is missing, or lacks an operation, does not compile. */
import type { Encoding } from "../profileTypes";
import { aroundDefault } from "./aroundDefault";
import { bundle } from "./bundle";
import { choice } from "./choice";
import { clock } from "./clock";
import type { EncodingKind } from "./kind";
import { number } from "./number";
import { pulsesOrOther } from "./pulsesOrOther";
import { readOnly } from "./readOnly";
import { reserved } from "./reserved";
import { speedCap } from "./speedCap";
import { unknownScale } from "./unknownScale";
import { wheelCode } from "./wheelCode";
import { wheelSize } from "./wheelSize";

const KINDS: { readonly [Kind in Encoding["kind"]]: EncodingKind<Kind> } = {
  choice,
  bundle,
  number,
  "around-default": aroundDefault,
  "wheel-code": wheelCode,
  "wheel-size": wheelSize,
  "speed-cap": speedCap,
  "unknown-scale": unknownScale,
  "pulses-or-other": pulsesOrOther,
  clock,
  "read-only": readOnly,
  reserved,
};

/** What an encoding can do. */
export const kindOf = <Kind extends Encoding["kind"]>({ kind }: { readonly kind: Kind }): EncodingKind<Kind> =>
  KINDS[kind];
