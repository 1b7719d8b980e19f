"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import type { Ticket } from "@/core/record/ticket";
import { makeTickets, rackList } from "@/store";
import { safeTicket } from "./ticket";

/** Tickets worked out in one go before others get their turn: short enough for no key to wait. */
const AT_ONCE = 4;

/** Gives whatever waits its turn. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

let making: Promise<string> | null = null;

/** Works out the tickets that are missing, a few at a time, and says which. One hand does it at a time. */
function makeMissing(stale: readonly string[]): Promise<string> {
  const names = stale.join(" ");
  const run = async (): Promise<string> => {
    for (let i = 0; i < stale.length; i += AT_ONCE) {
      await makeTickets(stale.slice(i, i + AT_ONCE), safeTicket);
      await breathe();
    }
    return names;
  };
  making ??= run()
    .catch(() => names)
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
  const [round, setRound] = useState("");
  const stale = list?.stale.join(" ") ?? "";
  useEffect(() => {
    if (stale === "" || round === stale) return;
    let gone = false;
    // Jobs that changed while the others were worked out are looked at in the next round; the same ones are not made twice.
    void makeMissing(stale.split(" ")).then((made) => {
      if (!gone) setRound(made);
    });
    return () => {
      gone = true;
    };
  }, [stale, round]);
  return list ? { tickets: list.tickets, pending: list.stale.length } : null;
}
