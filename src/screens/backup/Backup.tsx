"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useState } from "react";
import { cutShort, lastBackup, noteBackup } from "@/store";
import { writeBackup } from "@/store/backup";
import { Button, Caution, FilePick, FindingLine, useTell } from "@/ui/primitives";
import { saveBlob } from "@/ui/primitives/saveText";
import { packer } from "@/workers/bookClient";
import * as panel from "@/words/screens/backup/restorePanel";
import * as say from "@/words/screens/backup/backup";
import { BookNav } from "../book/BookNav";
import { InFolder } from "./InFolder";
import { RestorePanel } from "./RestorePanel";
import { Room } from "./Room";
import { useRestore } from "./useRestore";
import { WithoutServer } from "./WithoutServer";

/** Back-up and moving: everything in one file, and a file brought in beside what is here. */
export function Backup() {
  const tell = useTell();
  const half = useLiveQuery(() => cutShort());
  const { state, look, bringIn, close } = useRestore(
    (undo) => tell(panel.broughtIn, () => void undo()),
    (detail) => tell(panel.couldNot(detail)),
  );
  return (
    <div>
      <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.book}</h1>
      <BookNav at="/book/backup" />
      <div className="grid gap-10 lg:grid-cols-2">
        <KeepACopy />
        <section aria-labelledby="bring-in">
          <h2 id="bring-in" className="mb-1 text-[1.35rem]">
            {say.bringIn}
          </h2>
          <p className="mb-4 max-w-[60ch] text-quiet">{say.bringInWhy}</p>
          {half ? <FindingLine severity="caution">{say.cutShort(half)}</FindingLine> : null}
          {state.kind === "reading" ? (
            <p role="status">{say.reading(state.share)}</p>
          ) : (
            <FilePick label={say.backupToBringIn} accept=".zip,application/zip" onPick={(file) => void look(file)}>
              {say.chooseAFile}
            </FilePick>
          )}
        </section>
      </div>
      <div className="grid gap-x-10 lg:grid-cols-2">
        <InFolder />
        <Room />
        <WithoutServer />
      </div>
      {state.kind === "looked" || state.kind === "refused" ? (
        <RestorePanel state={state} onClose={close} onBringIn={() => void bringIn()} />
      ) : null}
    </div>
  );
}

const BYTES_PER_MB = 1_000_000;

/** When the last back-up was, what it lacks, and a new one. */
function KeepACopy() {
  const tell = useTell();
  const kept = useLiveQuery(() => lastBackup());
  const [share, setShare] = useState<number | null>(null);
  const write = async () => {
    setShare(0);
    try {
      const { file, madeAt } = await writeBackup(packer, setShare);
      const name = say.fileName(madeAt);
      saveBlob(name, file);
      await noteBackup(madeAt);
      tell(say.written(name, file.size / BYTES_PER_MB));
    } catch (error) {
      tell(say.couldNot(error instanceof Error ? error.message : String(error)));
    }
    setShare(null);
  };
  return (
    <section aria-labelledby="keep-a-copy">
      <h2 id="keep-a-copy" className="mb-1 text-[1.35rem]">
        {say.keepACopy}
      </h2>
      <p className="mb-3 max-w-[60ch] text-quiet">{say.why}</p>
      {kept ? (
        <div className="mb-4">
          <p className="text-lg font-semibold">{kept.at === null ? say.neverBackedUp : say.lastOne(kept.at)}</p>
          {kept.at === null ? (
            <p>{say.wouldHold(kept.lacks)}</p>
          ) : (
            <p>{kept.lacks === 0 ? say.lacksNothing : say.lacks(kept.lacks)}</p>
          )}
        </div>
      ) : null}
      <Button weight="main" onClick={() => void write()} disabled={share !== null}>
        {share === null ? say.writeIt : say.packing(share)}
      </Button>
      <div className="mt-4 max-w-[60ch]">
        <Caution>{say.caution}</Caution>
      </div>
    </section>
  );
}
