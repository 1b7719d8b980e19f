"use client";
import dynamic from "next/dynamic";
import { NoDisplay } from "../job/NoDisplay";
import type { StageProps } from "../job/stageProps";

// One of these is shown, and only that one is loaded.
const BeforeTheKeys = dynamic(() => import("./BeforeTheKeys").then((module) => module.BeforeTheKeys));
const BikeKeys = dynamic(() => import("./BikeKeys").then((module) => module.BikeKeys));
const InForce = dynamic(() => import("./InForce").then((module) => module.InForce));
const Rehearsal = dynamic(() => import("./Rehearsal").then((module) => module.Rehearsal));

/**
 * Program: key by key, without the menu closing and without driving off the stand; or rehearsed first, off the bike.
 */
export function Program(props: StageProps) {
  const { job } = props;
  const { profile, program, rehearsal } = job;
  if (!profile) return <NoDisplay job={job} />;
  if (rehearsal) return <Rehearsal key={job.id} {...props} profile={profile} rehearsal={rehearsal} />;
  if (program?.done) return <InForce {...props} profile={profile} program={program} />;
  if (program) return <BikeKeys key={job.id} {...props} profile={profile} program={program} />;
  return <BeforeTheKeys {...props} profile={profile} />;
}
