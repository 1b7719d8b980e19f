import { notFound } from "next/navigation";
import { STAGES } from "@/core/record";

/** Which stage is open, or the numbers or papers, stands in the address; the layout shows it. */
export default async function StagePage({ params }: { readonly params: Promise<{ stage: string }> }) {
  const { stage } = await params;
  if (stage !== "numbers" && stage !== "papers" && !STAGES.some((known) => known === stage)) notFound();
  return null;
}
