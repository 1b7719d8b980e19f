"use client";
import type { BenchProps } from "./Numbers";
export function RideBench(props: BenchProps) {
  return <p>{props.job.id}</p>;
}
