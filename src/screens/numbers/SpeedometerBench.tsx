"use client";
import type { BenchProps } from "./Numbers";
export function SpeedometerBench(props: BenchProps) {
  return <p>{props.job.id}</p>;
}
