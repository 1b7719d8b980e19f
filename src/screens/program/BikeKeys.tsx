"use client";
import { later } from "@/ui/primitives/later";
import { useState } from "react";
import { isLost, turn, type AtHand, type KeyEvent, type Session, type Turn } from "@/core/programming/session";
import { takeTold } from "@/core/record";
import type { KeysStageProps } from "../job/stageProps";
import { moment } from "./Countdown";
import { KeyCard } from "./KeyCard";
import { useLead } from "./useLead";
import { useSession } from "./useSession";
import * as say from "@/words/screens/program/bikeKeys";

const Follows = later(() => import("./Follows").then((module) => module.Follows));
const PlanProblem = later(() => import("./PlanProblem").then((module) => module.PlanProblem));

/** The keys of the bike: the technician presses them and says so, and the card follows. */
export function BikeKeys(props: KeysStageProps) {
  const { change, profile, program } = props;
  const { leads, takeOver } = useLead(props.job.id);
  const keyed = useSession(profile, program);
  const [hands, setHands] = useState<Omit<Session, "state">>({ past: [], sinceMs: null });
  const { state, work } = keyed;
  const session: Session = { ...hands, state };
  const step = work?.steps[0] ?? null;

  /** Says something of the display: what follows is shown at once, and taken down. */
  const tell = (event: KeyEvent) => {
    // While new keys are worked out there is no step to be done with.
    const at: AtHand = { profile, unread: program.unread, step: keyed.stale ? null : step, nowMs: moment() };
    if (isLost(event))
      void import("@/core/programming/lost").then(({ lostTurn }) => follow(lostTurn(session, event, at)));
    else follow(turn(session, event, at));
  };
  const follow = ({ session: next, told }: Turn) => {
    setHands({ past: next.past, sinceMs: next.sinceMs });
    if (!told) return;
    keyed.go(told.state);
    void change((now) => takeTold(now, told, new Date().toISOString()));
  };

  if (leads === null) return null;
  if (!leads) return <Follows {...props} state={state} onTakeOver={takeOver} />;
  if (!work) return <p className="text-quiet">{say.workingOutTheKeys}</p>;
  if (!work.plan.ok) return <PlanProblem problem={work.plan.problem} />;
  return <KeyCard {...props} keyed={keyed} session={session} step={step} tell={tell} />;
}
