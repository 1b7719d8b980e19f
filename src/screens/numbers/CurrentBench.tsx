"use client";
import type { BenchProps } from "./Numbers";
export function CurrentBench(props: BenchProps) {
  return <p>{props.job.id}</p>;
}
