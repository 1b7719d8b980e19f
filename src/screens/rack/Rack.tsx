"use client";
import { DEMO_WORKSHOP } from "@/catalog/demo/name";
import type { Ticket } from "@/core/record/ticket";
import { changeJob } from "@/store";
import { addJob } from "@/store/addJob";
import { loadDemo, removeJobs, restoreJobs } from "@/store/seeding";
import { SpokeDial } from "@/ui/dial/SpokeDial";
import { Button, buttonClass, SignShape, useTell } from "@/ui/primitives";
import { count, day } from "@/words";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { ImportJob } from "./ImportJob";
import { useRack } from "./useRack";
import * as say from "@/words/screens/rack/rack";
import { ticketNumber } from "@/core/units/ticketNumber";

/** The rack: bikes on the stand, bikes waiting, bikes gone out. */
export function Rack() {
  const router = useRouter();
  const tell = useTell();
  const rack = useRack();
  if (!rack) return null;

  const { tickets, pending, counts } = rack;
  const onTheStand = tickets.filter((ticket) => ticket.onTheStand);
  const waiting = tickets.filter((ticket) => !ticket.onTheStand && ticket.handedOverAt === null);
  const gone = tickets
    .filter((ticket) => !ticket.onTheStand && ticket.handedOverAt !== null)
    .sort((a, b) => (b.handedOverAt ?? "").localeCompare(a.handedOverAt ?? ""));
  const demo = tickets.filter((ticket) => ticket.demo);
  const empty = tickets.length === 0 && pending === 0;

  const newBike = async () => {
    const job = await addJob();
    router.push(`/job/${job.id}/intake`);
  };
  const clearDemo = async () => {
    const removed = await removeJobs(demo.map(({ id }) => id));
    tell(say.demoBikeTakenOff(removed.length), () => void restoreJobs(removed));
  };

  return (
    <div>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[2.1rem]">{say.onTheStand}</h1>
          <p className="text-quiet">
            {say.nowWaitingGoneOut(demo.length, DEMO_WORKSHOP, counts.stand, counts.waiting, counts.gone)}
          </p>
        </div>
        <div className="flex gap-2.5">
          <ImportJob />
          <Button weight={empty ? "main" : "plain"} shortcut="n" onClick={() => void newBike()}>
            {say.newBike}
          </Button>
        </div>
      </div>

      {tickets.length === 0 && pending > 0 ? (
        <p className="text-quiet">{say.lookingAtBike(pending)}</p>
      ) : onTheStand.length > 0 ? (
        <ul className="grid gap-5 lg:grid-cols-2">
          {onTheStand.map((ticket) => (
            <StandTicket key={ticket.id} ticket={ticket} />
          ))}
        </ul>
      ) : (
        <div className="rounded-xl bg-sheet p-6">
          <p className="text-xl font-semibold">{say.theStandIsEmpty}</p>
          <p className="mt-1 mb-4 max-w-[60ch] text-quiet">
            {waiting.length > 0 ? say.openAWaitingBike : say.takeInABike}
          </p>
          <div className="flex flex-wrap gap-3">
            <Button weight="main" onClick={() => void newBike()}>
              {say.rackTakeInABike}
            </Button>
            {empty ? <Button onClick={() => void loadDemo()}>{say.showTheDemoBikes}</Button> : null}
          </div>
        </div>
      )}

      <Waiting waiting={waiting} />

      <GoneOut gone={gone} />

      <InTheBook more={counts.stand + counts.waiting + counts.gone - tickets.length - pending} />

      <MadeUp demo={demo} clearDemo={clearDemo} />
    </div>
  );
}

/** The bikes that hang on no hook: all of them stand in the book. */
const InTheBook = ({ more }: { readonly more: number }) =>
  more > 0 ? (
    <p className="mt-6">
      <Link href="/book" className="inline-flex min-h-11 items-center underline underline-offset-4">
        {say.moreInTheBook(more)}
      </Link>
    </p>
  ) : null;

/** Says which bikes are made up. */
function MadeUp({ demo, clearDemo }: { readonly demo: Ticket[]; readonly clearDemo: () => Promise<void> }) {
  return demo.length > 0 ? (
    <p className="mt-8 flex flex-wrap items-center gap-x-3 text-[0.9rem] text-quiet">
      {count(demo.length, "bike")}
      {say.here}
      {demo.length === 1 ? say.is : say.are}
      {say.madeUpToLook}
      <button
        type="button"
        className="min-h-11 font-semibold text-ink underline underline-offset-4"
        onClick={() => void clearDemo()}
      >
        {say.takeTheDemoBikes}
      </button>
    </p>
  ) : null;
}

/** Bikes gone out. */
function GoneOut({ gone }: { readonly gone: Ticket[] }) {
  return gone.length > 0 ? (
    <section aria-labelledby="gone" className="mt-8">
      <h2 id="gone" className="mb-2 text-[1.35rem]">
        {say.goneOut}
      </h2>
      <ul>
        {gone.map((ticket) => (
          <GoneTicket key={ticket.id} ticket={ticket} />
        ))}
      </ul>
    </section>
  ) : null;
}

/** Bikes waiting for the stand. */
function Waiting({ waiting }: { readonly waiting: Ticket[] }) {
  return waiting.length > 0 ? (
    <section aria-labelledby="waiting" className="mt-8">
      <h2 id="waiting" className="mb-3 text-[1.35rem]">
        {say.waiting}
      </h2>
      <ul className="grid gap-x-5 gap-y-6 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-5">
        {waiting.map((ticket) => (
          <WaitingTicket key={ticket.id} ticket={ticket} />
        ))}
      </ul>
    </section>
  ) : null;
}

const number = (ticket: Ticket): string => ticketNumber(ticket.number);
const name = (ticket: Ticket): string => ticket.nickname || say.newBike;

interface TicketProps {
  readonly ticket: Ticket;
}

/** Says of a bike for private land that it is. */
const OffRoadMark = ({ ticket }: TicketProps) =>
  ticket.offRoad ? (
    <p className="mt-1 self-start rounded-md border-2 border-ink px-2 text-[0.85rem] font-bold">
      {say.notForPublicRoads}
    </p>
  ) : null;

function StandTicket({ ticket }: TicketProps) {
  const { headline: line } = ticket;
  return (
    <li className="flex min-w-0 gap-6 rounded-xl bg-sheet p-5 max-sm:flex-col max-sm:items-start max-sm:gap-3">
      <SpokeDial spokes={ticket.spokes} size={156} />
      <div className="flex min-w-0 flex-1 flex-col">
        <div className="flex min-w-0 items-baseline gap-3">
          <h2 className="min-w-0 text-[1.6rem] break-words">
            <Link href={`/job/${ticket.id}/${ticket.next}`}>{name(ticket)}</Link>
          </h2>
          <span className="code text-quiet">{number(ticket)}</span>
          {ticket.demo ? <span className="sr-only">{say.demoBike}</span> : null}
        </div>
        <p className="text-[0.95rem] break-words text-quiet">{ticket.facts}</p>
        <OffRoadMark ticket={ticket} />
        <p className="my-2 flex items-baseline gap-2 text-[1.05rem]">
          {line.sign ? <SignShape sign={line.sign} size={13} /> : null}
          <span className="line-clamp-3 min-w-0 break-words">{line.text}</span>
        </p>
        <div className="mt-auto flex flex-wrap items-center gap-x-4 gap-y-2">
          <Link
            href={`/job/${ticket.id}/${line.action.stage}`}
            className={buttonClass("main")}
            onClick={() => line.action.line && sessionStorage.setItem(`odd-spoke.line.${ticket.id}`, line.action.line)}
          >
            {line.action.label}
          </Link>
          <span className="text-[0.9rem] text-quiet">{line.place}</span>
        </div>
      </div>
    </li>
  );
}

function WaitingTicket({ ticket }: TicketProps) {
  const { headline: line } = ticket;
  return (
    <li className="flex min-w-0 flex-col border-t-2 border-ink pt-3">
      <Link href={`/job/${ticket.id}/${ticket.next}`} className="flex items-center gap-3">
        <SpokeDial spokes={ticket.spokes} size={68} />
        <span className="min-w-0">
          <span className="block font-head text-[1.15rem] leading-tight font-bold break-words">{name(ticket)}</span>
          <span className="block text-[0.85rem] leading-snug break-words text-quiet">{ticket.shortFacts}</span>
        </span>
      </Link>
      <OffRoadMark ticket={ticket} />
      <p className="mt-2 flex items-baseline gap-1.5 text-[0.92rem] leading-snug">
        {line.sign ? <SignShape sign={line.sign} size={11} /> : null}
        <span className="line-clamp-4 min-w-0 break-words">{line.text}</span>
      </p>
      <Button
        weight="quiet"
        aria-label={say.putOnTheStand(name(ticket))}
        className="mt-1 min-h-9! self-start px-0! text-[0.88rem]! font-normal!"
        onClick={() => void changeJob(ticket.id, (now) => ({ ...now, onTheStand: true })).catch(() => null)}
      >
        {say.rackPutOnTheStand}
      </Button>
    </li>
  );
}

function GoneTicket({ ticket }: TicketProps) {
  const { gone } = ticket;
  return (
    <li className="border-t border-rule">
      <Link
        href={`/job/${ticket.id}/hand-over`}
        className="grid min-h-11 grid-cols-[1.1fr_1.2fr_1.4fr_1.4fr_1fr_auto] items-center gap-4 py-1.5 hover:bg-sheet max-md:grid-cols-2"
      >
        <span className="min-w-0 font-bold break-words">{name(ticket)}</span>
        <span className="min-w-0 break-words text-quiet">{gone.frame}</span>
        <span>{gone.badge}</span>
        <span>{gone.cap}</span>
        <span className="text-quiet">{gone.wayBack}</span>
        <span className="text-right text-quiet">{ticket.handedOverAt ? day(ticket.handedOverAt) : ""}</span>
      </Link>
    </li>
  );
}
