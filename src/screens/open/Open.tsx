"use client";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState } from "react";
import { fileKind, HEAD_LENGTH } from "@/core/book/fileKinds";
import { importDisplay } from "@/store/newDisplays";
import { whenHandedOver } from "@/ui/browser/handedOver";
import { FilePick, FindingLine, useTell } from "@/ui/primitives";
import { profileProblemText } from "@/words/profiles";
import * as say from "@/words/screens/open/open";
import { RestorePanel } from "../backup/RestorePanel";
import { useRestore } from "../backup/useRestore";
import { ImportPanel } from "../rack/ImportPanel";
import { useJobImport } from "../rack/useJobImport";
import { ByLight } from "./ByLight";
import { TrackFor } from "./TrackFor";

/** Anything that comes from elsewhere is looked at here, whatever it is. */
export function Open() {
  const router = useRouter();
  const tell = useTell();
  const [refused, setRefused] = useState<string | null>(null);
  const [ride, setRide] = useState<File | null>(null);
  const job = useJobImport();
  const restore = useRestore(
    (undo) => tell(say.broughtIn, () => void undo()),
    (detail) => tell(say.couldNot(detail)),
  );

  const takeDisplay = async (file: File) => {
    const reading = await importDisplay(await file.text());
    if (reading.ok) {
      tell(say.displayTaken(reading.profile.name));
      return router.push(`/displays/${reading.profile.id}`);
    }
    const [problem] = reading.problems;
    setRefused(say.displayRefused(file.name, problem ? profileProblemText(problem) : ""));
  };
  const look = async (file: File) => {
    setRefused(null);
    setRide(null);
    const kind = fileKind(await file.slice(0, HEAD_LENGTH).text());
    if (kind === "book") await restore.look(file);
    else if (kind === "job") await job.look(file);
    else if (kind === "display") await takeDisplay(file);
    else if (kind === "track") setRide(file);
    else setRefused(say.unknown(file.name));
  };
  useHandedOver(look);

  return (
    <div>
      <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.open}</h1>
      <p className="mb-4 max-w-[60ch] text-quiet">{say.what}</p>
      {restore.state.kind === "reading" ? (
        <p role="status">{say.looking}</p>
      ) : (
        <FilePick label={say.fileToOpen} accept=".json,.zip,.gpx" onPick={(file) => void look(file)}>
          {say.chooseAFile}
        </FilePick>
      )}
      {refused === null ? null : (
        <div role="alert" className="mt-4 max-w-[70ch]">
          <FindingLine severity="caution">{refused}</FindingLine>
        </div>
      )}
      {ride ? <TrackFor file={ride} /> : null}
      <ByLight onWhole={(file) => void job.look(file)} />
      {job.looked ? <ImportPanel {...job.looked} onClose={job.close} onTake={(how) => void job.take(how)} /> : null}
      {restore.state.kind === "looked" || restore.state.kind === "refused" ? (
        <RestorePanel state={restore.state} onClose={restore.close} onBringIn={() => void restore.bringIn()} />
      ) : null}
    </div>
  );
}

/** Looks at what was handed over, the first time the page stands. */
function useHandedOver(look: (file: File) => Promise<void>): void {
  const latest = useRef(look);
  useEffect(() => {
    latest.current = look;
  });
  const onFile = useCallback((file: File) => void latest.current(file), []);
  useEffect(() => whenHandedOver(onFile), [onFile]);
}
