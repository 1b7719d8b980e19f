"use client";
import type { BenchProps } from "./Numbers";
export function BatteryBench(props: BenchProps) {
  return <p>{props.job.id}</p>;
}
