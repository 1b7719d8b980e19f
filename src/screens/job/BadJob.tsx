"use client";
import { later } from "@/ui/primitives/later";
import { Component, type ReactNode } from "react";
import type { Job } from "@/core/record";

/** Loaded when a job cannot be shown. */
const BadJobFace = later(() => import("./BadJobFace").then((module) => module.BadJobFace));

interface BadJobProps {
  readonly job: Job;
  readonly children: ReactNode;
}

/** Stands in for a job that cannot be shown, so that it takes nothing else down and can still be saved as a file. */
export class BadJob extends Component<BadJobProps, { readonly of: string | null; readonly error: unknown }> {
  override state = { of: null as string | null, error: null as unknown };

  static getDerivedStateFromError(error: unknown) {
    return { error };
  }

  override componentDidCatch(): void {
    this.setState({ of: this.props.job.updatedAt });
  }

  override componentDidUpdate(): void {
    // The job has changed since: it may be whole again.
    const { of, error } = this.state;
    if (error !== null && of !== null && of !== this.props.job.updatedAt) this.setState({ of: null, error: null });
  }

  override render(): ReactNode {
    if (this.state.error === null) return this.props.children;
    const { job } = this.props;
    const detail = this.state.error instanceof Error ? this.state.error.message : String(this.state.error);
    return <BadJobFace job={job} detail={detail} />;
  }
}
