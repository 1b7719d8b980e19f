import { notFound } from "next/navigation";
import { STAGES, type Stage } from "@/core/record";
import { JobScreen } from "@/screens/job/JobScreen";

const isStage = (text: string): text is Stage => STAGES.some((stage) => stage === text);

export default async function JobPage({ params }: { readonly params: Promise<{ id: string; stage: string }> }) {
  const { id, stage } = await params;
  if (!isStage(stage)) notFound();
  return <JobScreen id={id} stage={stage} />;
}
