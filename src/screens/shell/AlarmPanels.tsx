import type { WriteFailure } from "@/store";
import { NotKept } from "./NotKept";
import { WorkerStuck } from "./WorkerStuck";

/** What the page could not do, and what to do about it. */
export function AlarmPanels({ failure, stuck }: { readonly failure: WriteFailure | null; readonly stuck: boolean }) {
  return (
    <>
      {failure ? <NotKept failure={failure} /> : null}
      {stuck ? <WorkerStuck /> : null}
    </>
  );
}
