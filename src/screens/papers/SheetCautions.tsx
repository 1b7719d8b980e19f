import type { SheetCaution } from "@/core/record/sheetCautions";
import { Caution } from "@/ui/primitives";
import { CAUTION_WORDS } from "@/words/cautions";

/** What the visit asks to bear in mind, said on the paper as on the screens. */
export const SheetCautions = ({ cautions }: { readonly cautions: readonly SheetCaution[] }) => (
  <div className="mt-2 break-inside-avoid">
    <Caution>{cautions.map((caution) => CAUTION_WORDS[caution]).join(" ")}</Caution>
  </div>
);
