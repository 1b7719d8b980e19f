"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import type { Ticket } from "@/core/record/ticket";
import { makeTickets, rackList, type RackList, type StaleTicket } from "@/store";
import { safeTicket } from "./ticket";

/** Tickets worked out in one go before others get their turn: short enough for no key to wait. */
const AT_ONCE = 4;

/** Gives whatever waits its turn. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/** The state of each job its ticket was last made of, so that none is made twice while word of it is on its way. */
const made = new Map<string, string>();
let making: Promise<void> | null = null;

/** Works out the tickets that are missing, a few at a time. One hand does it at a time. */
function makeMissing(ids: readonly string[]): Promise<void> {
  const run = async () => {
    for (let i = 0; i < ids.length; i += AT_ONCE) {
      for (const { id, updatedAt } of await makeTickets(ids.slice(i, i + AT_ONCE), safeTicket)) made.set(id, updatedAt);
      await breathe();
    }
  };
  making ??= run()
    .catch(() => undefined)
    .finally(() => {
      making = null;
    });
  return making;
}

export interface RackState {
  /** The tickets that hang on the rack, lowest number first. */
  readonly tickets: readonly Ticket[];
  /** How many bikes there are at each place, those in the book alone counted in. */
  readonly counts: RackList["counts"];
  /** Bikes whose ticket is still to be worked out. */
  readonly pending: number;
}

const NONE: readonly StaleTicket[] = [];

/** The tickets of the rack; null until the first look. Missing ones come in as they are worked out. */
export function useRack(): RackState | null {
  const list = useLiveQuery(() => rackList());
  const [round, setRound] = useState(0);
  const stale = list?.stale ?? NONE;
  useEffect(() => {
    // With none missing, whatever was made is known to have arrived.
    if (list && stale.length === 0) made.clear();
    const missing = stale.filter(({ id, updatedAt }) => made.get(id) !== updatedAt).map(({ id }) => id);
    if (missing.length === 0) return;
    let gone = false;
    // Jobs that changed while the others were worked out are looked at in the next round.
    void makeMissing(missing).then(() => {
      if (!gone) setRound((n) => n + 1);
    });
    return () => {
      gone = true;
    };
  }, [list, stale, round]);
  return list ? { tickets: list.tickets, counts: list.counts, pending: stale.length } : null;
}
