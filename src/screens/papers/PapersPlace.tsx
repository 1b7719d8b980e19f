"use client";
import { useMemo } from "react";
import { paperOf } from "@/core/record";
import type { StageProps } from "../job/stageProps";
import { later } from "@/ui/primitives/later";
import { Papers } from "./Papers";

/** Loaded where there is no display. */
const NoDisplay = later(() => import("../job/NoDisplay").then((module) => module.NoDisplay));

/** The papers of a job, at whatever stage it is. */
export function PapersPlace({ job }: StageProps) {
  const paper = useMemo(() => paperOf(job), [job]);
  return paper ? <Papers paper={paper} job={job} /> : <NoDisplay job={job} />;
}
