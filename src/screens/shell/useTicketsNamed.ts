"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState } from "react";
import { namedIn } from "@/core/book/namedIn";
import type { Ticket } from "@/core/record/ticket";
import { getJob } from "@/store";
import { bookEntries } from "@/store/book";
import { safeTicket } from "../rack/ticket";

/** Bikes looked up beyond those of the rack. */
const MOST = 12;
const NONE: readonly Ticket[] = [];

/** Tickets of the bikes the words name that hang on no hook of the rack: they stand in the book alone. */
export function useTicketsNamed(search: string, onRack: readonly Ticket[]): readonly Ticket[] {
  const entries = useLiveQuery(() => bookEntries());
  const ids = useMemo(() => {
    const shown = new Set(onRack.map(({ id }) => id));
    return namedIn(entries ?? [], search, MOST + shown.size)
      .map(({ id }) => id)
      .filter((id) => !shown.has(id))
      .slice(0, MOST)
      .join(" ");
  }, [entries, search, onRack]);
  const [tickets, setTickets] = useState(NONE);
  useEffect(() => {
    let asked = true;
    const look = async () => {
      const jobs = await Promise.all(
        ids
          .split(" ")
          .filter(Boolean)
          .map((id) => getJob(id)),
      );
      if (asked) setTickets(jobs.flatMap((job) => (job ? [safeTicket(job)] : [])));
    };
    void look();
    return () => {
      asked = false;
    };
  }, [ids]);
  return ids === "" ? NONE : tickets;
}
