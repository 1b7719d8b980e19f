"use client";
import { later } from "@/ui/primitives/later";
import { NoDisplay } from "../job/NoDisplay";
import type { StageProps } from "../job/stageProps";

// One of these is shown, and only that one is loaded.
const BeforeTheKeys = later(() => import("./BeforeTheKeys").then((module) => module.BeforeTheKeys));
const BikeKeys = later(() => import("./BikeKeys").then((module) => module.BikeKeys));
const InForce = later(() => import("./InForce").then((module) => module.InForce));
const Rehearsal = later(() => import("./Rehearsal").then((module) => module.Rehearsal));

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
