/** Options typed in a row, each with what it stands for: "0=kmh, 1=mph". */
import { typedMeaning } from "../../typedMeaning";
import { typedOptions, type EncodingCells } from "./cell";

export const choiceCells: EncodingCells<"choice"> = {
  cells: ({ options }) => ({ options: options.map(({ shows, means }) => `${shows}=${String(means)}`).join(", ") }),
  withCell: (encoding, _, typed) => {
    const options = typedOptions(typed).flatMap(([shows = "", meaning = ""], i) => {
      const means = typedMeaning(encoding.setting, meaning);
      return shows === "" || means === null ? [] : [{ raw: /^\d+$/.test(shows) ? Number(shows) : i, shows, means }];
    });
    const fine =
      options.length > 0 &&
      options.length === typedOptions(typed).length &&
      new Set(options.map(({ raw }) => raw)).size === options.length;
    return fine ? { ...encoding, options } : "options";
  },
  usual: () => ({}),
};
