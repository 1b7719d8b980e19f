import type { ReactNode } from "react";
import { JobScreen } from "@/screens/job/JobScreen";

/** The job stays open while its stages change, so that nothing flashes and no key is lost between two of them. */
export default async function JobLayout({
  params,
  children,
}: {
  readonly params: Promise<{ id: string }>;
  readonly children: ReactNode;
}) {
  const { id } = await params;
  return (
    <>
      <JobScreen id={id} />
      {children}
    </>
  );
}
