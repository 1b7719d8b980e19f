import type { SealFault } from "@/core/record";
import { FindingLine } from "@/ui/primitives";
import { sealFaultText } from "@/words";

/** Says that the record was changed behind its seals. */
export const BrokenSeal = ({ fault }: { readonly fault: SealFault }) => (
  <FindingLine severity="breach">{sealFaultText(fault)}</FindingLine>
);
