"use client";
import dynamic from "next/dynamic";
import { NoDisplay } from "../job/NoDisplay";
import type { StageProps } from "../job/JobScreen";

// One of the two is shown, and only that one is loaded.
const BeforeTheKeys = dynamic(() => import("./BeforeTheKeys").then((module) => module.BeforeTheKeys));
const KeyCard = dynamic(() => import("./KeyCard").then((module) => module.KeyCard));

/** Program: key by key, without the menu closing and without driving off the stand. */
export function Program(props: StageProps) {
  const { job } = props;
  if (!job.profile) return <NoDisplay job={job} />;
  return job.program ? (
    <KeyCard key={job.id} {...props} profile={job.profile} program={job.program} />
  ) : (
    <BeforeTheKeys {...props} profile={job.profile} />
  );
}
