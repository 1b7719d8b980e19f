"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import type { MenuState } from "@/core/display";
import { atRest, HANDS_OFF, keysHeld, switched, type Hands, type Live, type LiveBike } from "@/core/rig";
import { benchLoop, type BenchLoop, type BenchNow } from "./benchLoop";

interface BenchAsk {
  readonly bike: LiveBike;
  readonly start: MenuState;
  /** Called with each new state of the menu, and with the keys that made it, where keys did. */
  readonly onMenu?: ((menu: MenuState, before: MenuState, keys: readonly string[] | null) => void) | undefined;
  /** Called with every frame, for what is drawn without React. */
  readonly onFrame: (live: Live) => void;
}

export interface Bench {
  readonly live: Live;
  readonly hands: Hands;
  readonly onHold: (keys: readonly string[]) => void;
  readonly put: (change: Partial<Hands>) => void;
  readonly power: (on: boolean) => void;
  readonly charge: (share: number) => void;
}

/** The live bench in real time: its state, and what keys, hands and battery do to it. */
export function useBench({ bike, start, onMenu, onFrame }: BenchAsk): Bench {
  const [live, setLive] = useState<Live>(() => atRest(bike, start));
  const [hands, setHands] = useState<Hands>(HANDS_OFF);
  const now = useRef<BenchNow>({ live, hands });
  const told = useRef({ onMenu, onFrame });
  useEffect(() => {
    told.current = { onMenu, onFrame };
  });
  const loop = useRef<BenchLoop | null>(null);

  /** What has come about, told once. */
  const settle = useCallback((next: Live, keys: readonly string[] | null) => {
    const before = now.current.live.menu;
    now.current.live = next;
    if (keys === null && next.menu.screen === before.screen && next.menu.saved === before.saved) return;
    setLive(next);
    told.current.onMenu?.(next.menu, before, keys);
  }, []);

  useEffect(() => {
    const begun = benchLoop(bike, now.current, {
      moved: (next) => settle(next, null),
      drawn: (next) => told.current.onFrame(next),
      written: setLive,
    });
    loop.current = begun;
    return begun.stop;
  }, [bike, settle]);

  const onHold = useCallback(
    (keys: readonly string[]) => {
      loop.current?.wake();
      settle(keysHeld(bike, now.current.live, keys), keys);
    },
    [bike, settle],
  );
  const put = useCallback((change: Partial<Hands>) => {
    loop.current?.wake();
    now.current.hands = { ...now.current.hands, ...change };
    setHands(now.current.hands);
  }, []);
  const power = useCallback(
    (on: boolean) => {
      loop.current?.wake();
      settle(switched(bike, now.current.live, on), []);
    },
    [bike, settle],
  );
  const charge = useCallback((share: number) => {
    loop.current?.wake();
    now.current.live = { ...now.current.live, charge: share };
  }, []);
  return { live, hands, onHold, put, power, charge };
}
