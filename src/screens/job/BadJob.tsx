"use client";
import dynamic from "next/dynamic";
import Link from "next/link";
import { Component, type ReactNode } from "react";
import type { Job } from "@/core/record";
import { buttonClass } from "@/ui/primitives";

const SaveJob = dynamic(() => import("./SaveJob").then((module) => module.SaveJob), { ssr: false });

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
    return (
      <div role="alert" className="max-w-2xl rounded-xl bg-sheet p-6">
        <h1 className="text-[1.7rem]">This bike cannot be shown</h1>
        <p className="my-3">
          Something in its record stops the screen. Nothing of it was changed or lost. Save it as a file, and try a
          reload.
        </p>
        <p className="code mb-4 text-[0.85rem] break-words text-quiet">{detail}</p>
        <div className="flex flex-wrap gap-3">
          <SaveJob job={job} weight="main" />
          <Link href={`/job/${job.id}/intake`} className={buttonClass()}>
            Try its intake
          </Link>
          <Link href="/" className={buttonClass("quiet")}>
            Back to the rack
          </Link>
        </div>
      </div>
    );
  }
}
