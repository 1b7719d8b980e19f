import type { WriteFailure } from "@/store";
import { NotKept } from "./NotKept";
import { ShortOfRoom } from "./ShortOfRoom";
import { WorkerStuck } from "./WorkerStuck";

interface AlarmPanelsProps {
  readonly failure: WriteFailure | null;
  readonly stuck: boolean;
  readonly isShort: boolean;
}

/** What the page could not do, or soon cannot, and what to do about it. */
export function AlarmPanels({ failure, stuck, isShort }: AlarmPanelsProps) {
  return (
    <>
      {failure ? <NotKept failure={failure} /> : null}
      {stuck ? <WorkerStuck /> : null}
      {isShort && !failure ? <ShortOfRoom /> : null}
    </>
  );
}
