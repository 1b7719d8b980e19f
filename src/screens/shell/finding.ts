/** What the finder knows and how it finds it: places, and bikes with their stages, numbers and lines. */
import MiniSearch from "minisearch";
import { STAGES } from "@/core/record";
import type { Ticket } from "@/core/record/ticket";
import { STAGE_NAMES } from "@/words";
import * as say from "@/words/screens/shell/finding";
import { ticketNumber } from "@/core/units/ticketNumber";

export interface Found {
  readonly key: string;
  readonly title: string;
  readonly note: string;
  readonly href: string;
  /** Line to have in hand there. */
  readonly line?: { readonly jobId: string; readonly code: string };
}

const STAGE_WORDS = say.numbersWheelSpeedometerBattery(STAGES.map((stage) => STAGE_NAMES[stage]).join(" "));

/** An index of the bikes, by everything their ticket says. */
export function indexOf(tickets: readonly Ticket[]): MiniSearch {
  const index = new MiniSearch({
    fields: ["nickname", "number", "facts", "lines", "stages"],
    searchOptions: { prefix: true, combineWith: "AND", boost: { nickname: 4, number: 3, facts: 2 } },
  });
  index.addAll(
    tickets.map(({ id, nickname, number, facts, spokes }) => ({
      id,
      nickname: nickname || say.newBike,
      number: `${number} ${ticketNumber(number)}`,
      facts,
      lines: spokes.map(({ code, name }) => `${code} ${name}`).join(" "),
      stages: STAGE_WORDS,
    })),
  );
  return index;
}

/** Bikes shown at most, and things of one bike. */
const MOST_BIKES = 12;
const MOST_OF_ONE = 8;

const wordsOf = (text: string): readonly string[] => text.toLowerCase().split(/\s+/).filter(Boolean);

/** What of one bike the words speak of: the stages and lines they name, and the bike itself. */
function thingsOf(ticket: Ticket, words: readonly string[]): readonly Found[] {
  const name = ticket.nickname || say.findingNewBike;
  const number = ticketNumber(ticket.number);
  const bike: Found = {
    key: ticket.id,
    title: name,
    note: `${number} · ${STAGE_NAMES[ticket.stage]}`,
    href: `/job/${ticket.id}/${ticket.stage}`,
  };
  const ofBike = wordsOf(`${name} ${number} ${ticket.number}`);
  const left = words.filter((word) => !ofBike.some((own) => own.startsWith(word)));
  if (left.length === 0) return [bike];
  const named = (text: string): boolean => left.every((word) => wordsOf(text).some((own) => own.startsWith(word)));
  const stages = [...STAGES, "numbers" as const].flatMap((stage): Found[] => {
    const title = stage === "numbers" ? say.numbers : STAGE_NAMES[stage];
    const says = stage === "numbers" ? say.numbersWheelSpeedometerBatteryCurrent : title;
    return named(says)
      ? [
          {
            key: `${ticket.id} ${stage}`,
            title: `${name} · ${title}`,
            note: number,
            href: `/job/${ticket.id}/${stage}`,
          },
        ]
      : [];
  });
  const lines = ticket.spokes.flatMap(({ code, name: line }): Found[] =>
    named(say.findingLine(code, line))
      ? [
          {
            key: say.findingLine2(ticket.id, code),
            title: `${code} ${line}`,
            note: name,
            href: `/job/${ticket.id}/plan`,
            line: { jobId: ticket.id, code },
          },
        ]
      : [],
  );
  return [...stages, ...lines].slice(0, MOST_OF_ONE - 1).concat(bike);
}

/** What the words find, best first. With no words: the bikes as they hang on the rack. */
export function find(index: MiniSearch, tickets: readonly Ticket[], text: string): readonly Found[] {
  const words = wordsOf(text);
  if (words.length === 0) return tickets.slice(0, MOST_BIKES).flatMap((ticket) => thingsOf(ticket, []));
  const byId = new Map(tickets.map((ticket) => [ticket.id, ticket]));
  return index
    .search(text)
    .slice(0, MOST_BIKES)
    .flatMap(({ id }) => {
      const ticket = byId.get(String(id));
      return ticket ? thingsOf(ticket, words) : [];
    });
}
