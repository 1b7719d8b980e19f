/** The codes of a display with the trouble each stands for, as far as its description tells. */
import { CODE_WORDS } from "@/catalog/faults/codeWords";
import type { DisplayProfile } from "@/core/display";
import { signOfCode } from "@/core/faults/case";
import type { CardCode } from "@/words/papers/ownersContent";
import { TROUBLES } from "@/words/papers/paperWords";

export const codesOf = ({ faultCodes }: DisplayProfile): readonly CardCode[] =>
  faultCodes.map(({ code, says }) => {
    const sign = signOfCode(CODE_WORDS, says);
    return { code, says, trouble: TROUBLES.find((trouble) => trouble === sign) ?? null };
  });
