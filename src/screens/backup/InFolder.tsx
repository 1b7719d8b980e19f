"use client";
import { useEffect, useState } from "react";
import { askAgain, backupToFolder, chooseFolder, folderNow, forgetFolder, type Folder } from "@/store/folder";
import { Button, FindingLine, useTell } from "@/ui/primitives";
import { packer } from "@/workers/bookClient";
import { fileName } from "@/words/screens/backup/backup";
import * as say from "@/words/screens/backup/inFolder";

/** Back-ups by themselves, into a folder that was chosen for them. */
export function InFolder() {
  const tell = useTell();
  const [folder, setFolder] = useState<Folder | null>(null);
  useEffect(() => {
    void folderNow().then(setFolder);
  }, []);
  if (folder === null) return null;
  /** Does it, and says what the browser said against it. */
  const tried = async (work: () => Promise<void>) => {
    try {
      await work();
    } catch (error) {
      tell(say.couldNot(error instanceof Error ? error.message : String(error)));
    }
  };
  const choose = () =>
    tried(async () => {
      const chosen = await chooseFolder();
      if (chosen) setFolder(chosen);
    });
  const stop = async () => {
    await forgetFolder();
    setFolder(await folderNow());
  };
  const write = () =>
    tried(async () => {
      const name = await backupToFolder(packer, fileName);
      if (name) tell(say.written(name));
      setFolder(await folderNow());
    });
  return (
    <section aria-labelledby="in-folder" className="mt-8">
      <h2 id="in-folder" className="mb-1 text-[1.35rem]">
        {say.byItself}
      </h2>
      <p className="mb-3 max-w-[60ch] text-quiet">{folder.kind === "cannot" ? say.cannot : say.why}</p>
      {folder.kind === "ready" ? <p className="mb-3 font-semibold break-words">{say.ready(folder.name)}</p> : null}
      {folder.kind === "asks" ? <FindingLine severity="caution">{say.asks(folder.name)}</FindingLine> : null}
      {folder.kind === "cannot" ? null : (
        <div className="mt-2 flex flex-wrap gap-3">
          {folder.kind === "asks" ? (
            <Button weight="main" onClick={() => void tried(async () => setFolder(await askAgain()))}>
              {say.allow}
            </Button>
          ) : null}
          {folder.kind === "ready" ? <Button onClick={() => void write()}>{say.writeOne}</Button> : null}
          <Button weight={folder.kind === "none" ? "plain" : "quiet"} onClick={() => void choose()}>
            {folder.kind === "none" ? say.choose : say.chooseAnother}
          </Button>
          {folder.kind === "none" ? null : (
            <Button weight="quiet" onClick={() => void stop()}>
              {say.stop}
            </Button>
          )}
        </div>
      )}
    </section>
  );
}
