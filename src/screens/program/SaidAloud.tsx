import { Button } from "@/ui/primitives";
import * as say from "@/words/screens/program/saidAloud";

/** What is read aloud, in writing: it is there without any voice, and said again on request. */
export const SaidAloud = ({ words, again }: { readonly words: string; readonly again: () => void }) => (
  <div className="mt-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
    <p data-said className="min-w-0 flex-1 text-[1.05rem]">
      {say.quoted(words)}
    </p>
    <Button weight="quiet" shortcut="r" onClick={again}>
      {say.again}
    </Button>
  </div>
);
