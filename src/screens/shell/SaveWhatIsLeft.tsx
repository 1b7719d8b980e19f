"use client";
import { useState } from "react";
import { Button } from "@/ui/primitives";
import * as say from "@/words/screens/shell/saveWhatIsLeft";

/** Where the data cannot be opened as it should: what of it can be read, as a back-up to be brought in elsewhere. */
export function SaveWhatIsLeft() {
  const [said, setSaid] = useState<string | null>(null);
  const save = async () => {
    setSaid(say.reading);
    try {
      const [{ rescue }, { packer }, { saveBlob }] = await Promise.all([
        import("@/store/rescue"),
        import("@/workers/bookClient"),
        import("@/ui/primitives/saveText"),
      ]);
      const saved = await rescue(packer);
      if (!saved) return setSaid(say.nothingThere);
      saveBlob(say.fileName(saved.madeAt), saved.file);
      setSaid(say.saved(saved.jobs, saved.unread));
    } catch (error) {
      setSaid(say.couldNot(error instanceof Error ? error.message : String(error)));
    }
  };
  return (
    <div className="mt-6 border-t border-rule pt-4">
      <Button onClick={() => void save()}>{say.saveWhatCanBeRead}</Button>
      <p role="status" className="mt-2 text-[0.92rem] text-quiet">
        {said ?? say.what}
      </p>
    </div>
  );
}
