"use client";
import { Button, FindingLine } from "@/ui/primitives";
import * as say from "@/words/screens/open/byLight";
import { SheetRead } from "./SheetRead";
import { useCamera } from "./useCamera";
import { useCodes } from "./useCodes";

/** A bike sent by light: its codes scanned, typed by a scanner or pasted, until all of them are there. */
export function ByLight({ onWhole }: { readonly onWhole: (file: File) => void }) {
  const codes = useCodes((text) => onWhole(new File([text], say.fromCodes, { type: "application/json" })));
  const { state, sheet } = codes;
  const { video, isOpen, problem, open, close } = useCamera(codes.scan);
  return (
    <section aria-labelledby="by-light" className="mt-8">
      <h2 id="by-light" className="mb-1 text-[1.35rem]">
        {say.byLight}
      </h2>
      <p className="mb-3 max-w-[60ch] text-quiet">{say.what}</p>
      {isOpen ? (
        <>
          <video
            ref={video}
            muted
            playsInline
            aria-label={say.camera}
            className="mb-2 w-full max-w-[460px] rounded-md"
          />
          <Button onClick={close}>{say.closeTheCamera}</Button>
        </>
      ) : (
        <Button onClick={() => void open()}>{say.openTheCamera}</Button>
      )}
      {problem === null ? null : (
        <p className="mt-2">{"mediaDevices" in navigator ? say.noCamera(problem) : say.needsSecure}</p>
      )}
      <label className="mt-4 flex max-w-[640px] flex-col gap-1">
        <span className="text-[0.92rem] font-semibold">{say.paste}</span>
        <textarea
          rows={3}
          value={codes.typed}
          spellCheck={false}
          onChange={(event) => codes.type(event.target.value)}
          className="code rounded-md border-2 border-rule bg-sheet px-3 py-2 text-[0.9rem] break-all"
        />
      </label>
      <div role="status" className="mt-3">
        {state.kind === "some" ? <p className="text-lg font-semibold">{say.have(state.have, state.of)}</p> : null}
        {codes.begun > 0 ? <p className="text-quiet">{say.notWholeYet}</p> : null}
        {state.kind === "refused" ? (
          <FindingLine severity="caution">{say.problemText(state.problem)}</FindingLine>
        ) : null}
        {sheet?.ok === false ? (
          <FindingLine severity="caution">{say.sheetProblemText(sheet.problem)}</FindingLine>
        ) : null}
      </div>
      {sheet?.ok ? <SheetRead sheet={sheet.sheet} onClose={codes.startAgain} /> : null}
      {codes.isAnyRead ? (
        <Button weight="quiet" onClick={codes.startAgain}>
          {say.startAgain}
        </Button>
      ) : null}
    </section>
  );
}
