import type { SheetCaution } from "@/core/record/sheetCautions";
import { Caution } from "@/ui/primitives";
import { CAUTION_WORDS } from "@/words/cautionWords";

/** What the visit asks to bear in mind, said on the paper as on the screens. */
export const SheetCautions = ({ cautions }: { readonly cautions: readonly SheetCaution[] }) => (
  <Caution>{cautions.map((caution) => CAUTION_WORDS[caution]).join(" ")}</Caution>
);
