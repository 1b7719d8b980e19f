"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useRef, useState } from "react";
import type { Ticket } from "@/core/record/ticket";
import { makeTickets, rackList } from "@/store";
import { safeTicket } from "./ticket";

/** Tickets worked out in one go before others get their turn: short enough for no key to wait. */
const AT_ONCE = 4;

/** Gives whatever waits its turn. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/** Times the same tickets are tried before they are given up until the next change. */
const MOST_TRIES = 3;

let making: Promise<void> | null = null;

/** Works out the tickets that are missing, a few at a time. One hand does it at a time. */
function makeMissing(stale: readonly string[]): Promise<void> {
  const run = async () => {
    for (let i = 0; i < stale.length; i += AT_ONCE) {
      await makeTickets(stale.slice(i, i + AT_ONCE), safeTicket);
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
  /** Every ticket there is, lowest number first. */
  readonly tickets: readonly Ticket[];
  /** Bikes whose ticket is still to be worked out. */
  readonly pending: number;
}

/** The tickets of the rack; null until the first look. Missing ones come in as they are worked out. */
export function useRack(): RackState | null {
  const list = useLiveQuery(() => rackList());
  const [round, setRound] = useState(0);
  const tried = useRef({ stale: "", times: 0 });
  const stale = list?.stale.join(" ") ?? "";
  useEffect(() => {
    const { current } = tried;
    tried.current = { stale, times: current.stale === stale ? current.times + 1 : 1 };
    // What cannot be kept is not made over and over.
    if (stale === "" || tried.current.times > MOST_TRIES) return;
    let gone = false;
    // Jobs that changed while the others were worked out are looked at in the next round.
    void makeMissing(stale.split(" ")).then(() => {
      if (!gone) setRound((n) => n + 1);
    });
    return () => {
      gone = true;
    };
  }, [stale, round]);
  return list ? { tickets: list.tickets, pending: list.stale.length } : null;
}
