"use client";
import type { BenchProps } from "./Numbers";
export function LadderBench(props: BenchProps) {
  return <p>{props.job.id}</p>;
}
