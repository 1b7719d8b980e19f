"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useEffect, useState } from "react";
import type { Job } from "@/core/record";
import { getJob } from "@/store";
import { Button, buttonClass } from "@/ui/primitives";
import { jobCodes } from "@/workers/bookClient";
import type { CodeDrawing } from "@/workers/codeMatrix";
import * as say from "@/words/screens/send/send";
import { Code } from "./Code";
import { ticketNumber } from "@/core/units/ticketNumber";

/** A visit as a run of codes: held up to another device's camera, or printed. */
export function Send({ id }: { readonly id: string }) {
  const found = useLiveQuery(async () => ({ job: await getJob(id) }), [id]);
  if (!found) return null;
  if (!found.job)
    return (
      <div className="rounded-xl bg-sheet p-6">
        <h1 className="mb-3 text-[1.6rem]">{say.notHere}</h1>
        <Link href="/book" className={buttonClass("main")}>
          {say.toTheBook}
        </Link>
      </div>
    );
  return <Codes job={found.job} />;
}

function Codes({ job }: { readonly job: Job }) {
  const [codes, setCodes] = useState<readonly CodeDrawing[] | null>(null);
  useEffect(() => {
    let asked = true;
    void jobCodes(job).then((drawn) => (asked ? setCodes(drawn) : undefined));
    return () => {
      asked = false;
    };
  }, [job]);
  const name = job.intake.nickname || say.newBike;
  return (
    <div>
      <p className="no-print text-[0.92rem]">
        <Link href={`/book/bike/${job.bikeId}`} className="underline underline-offset-4">
          {say.history}
        </Link>
      </p>
      <h1 className="no-print mb-1 text-[2.1rem] break-words max-sm:text-[1.6rem]">{say.title(name)}</h1>
      {codes ? (
        <>
          <p className="no-print mb-4 max-w-[70ch] text-quiet">{say.what(codes.length)}</p>
          <Round codes={codes} />
          <section className="hidden print:block">
            <p className="mb-2 font-bold">{say.printed(name, ticketNumber(job.number))}</p>
            <div className="flex flex-wrap gap-[6mm]">
              {codes.map((code, i) => (
                <figure key={code.path} className="break-inside-avoid">
                  <Code code={code} label={say.code(i + 1, codes.length)} sizeClass="size-[54mm]" />
                  <figcaption>{say.code(i + 1, codes.length)}</figcaption>
                </figure>
              ))}
            </div>
          </section>
        </>
      ) : (
        <p role="status">{say.drawing}</p>
      )}
    </div>
  );
}

/** How long each code stands before the next, ms: long enough for a slow camera to see it twice. */
const STANDS_MS = 900;

/** One code after another, large, round and round until somebody holds one. */
function Round({ codes }: { readonly codes: readonly CodeDrawing[] }) {
  const [at, setAt] = useState(0);
  const [held, setHeld] = useState(false);
  useEffect(() => {
    if (held || codes.length < 2) return;
    const timer = setInterval(() => setAt((now) => (now + 1) % codes.length), STANDS_MS);
    return () => clearInterval(timer);
  }, [held, codes.length]);
  const code = codes[at % codes.length];
  const step = (by: number) => {
    setHeld(true);
    setAt((now) => (now + by + codes.length) % codes.length);
  };
  return (
    <section className="no-print">
      {code ? (
        <Code code={code} label={say.code(at + 1, codes.length)} sizeClass="size-[min(82vw,460px)] rounded-md" />
      ) : null}
      <p className="code my-3 text-lg">{say.code(at + 1, codes.length)}</p>
      <div className="flex flex-wrap gap-3">
        <Button weight="main" onClick={() => setHeld(!held)}>
          {held ? say.goRound : say.hold}
        </Button>
        <Button onClick={() => step(-1)}>{say.before}</Button>
        <Button onClick={() => step(1)}>{say.next}</Button>
        <Button weight="quiet" onClick={() => window.print()}>
          {say.print}
        </Button>
      </div>
    </section>
  );
}
