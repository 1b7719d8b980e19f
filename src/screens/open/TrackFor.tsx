"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useRouter } from "next/navigation";
import { bookEntries } from "@/store/book";
import { Button } from "@/ui/primitives";
import { holdTrack } from "@/ui/browser/trackInHand";
import * as say from "@/words/screens/open/trackFor";
import { ticketNumber } from "@/core/units/ticketNumber";

/** Bikes offered: those worked on last. */
const MOST_OFFERED = 12;

/** A recorded ride that was handed over: which bike it was ridden on, and there with it. */
export function TrackFor({ file }: { readonly file: File }) {
  const router = useRouter();
  const bikes = useLiveQuery(async () =>
    (await bookEntries())
      .filter(({ place }) => place !== "gone")
      .sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1))
      .slice(0, MOST_OFFERED),
  );
  if (!bikes) return null;
  const go = (id: string) => {
    holdTrack(id, file);
    sessionStorage.setItem(`odd-spoke.bench.${id}`, "speedometer");
    router.push(`/job/${id}/numbers`);
  };
  return (
    <section aria-label={say.whichBike} className="mt-4 rounded-xl bg-sheet p-5">
      <p className="mb-1 font-semibold break-words">{say.isARide(file.name)}</p>
      <p className="mb-3 text-quiet">{bikes.length === 0 ? say.noBikeHere : say.whichBike}</p>
      <div className="flex flex-wrap gap-2">
        {bikes.map(({ id, number, nickname }) => (
          <Button key={id} onClick={() => go(id)}>
            <span className="code mr-2">{ticketNumber(number)}</span>
            {nickname || say.newBike}
          </Button>
        ))}
      </div>
    </section>
  );
}
