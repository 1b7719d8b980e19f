import type { SettingKey } from "@/core/display";
import { Caution } from "@/ui/primitives";
import { raisedWords } from "@/words/raised";

/** What was left higher than it was found asks more of the rest of the bike: said on the paper as on the screen. */
export const Raised = ({ settings }: { readonly settings: readonly SettingKey[] }) =>
  raisedWords(settings).map((words) => (
    <div key={words} className="mt-2">
      <Caution>{words}</Caution>
    </div>
  ));
