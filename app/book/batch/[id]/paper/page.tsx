import { BatchPaper } from "@/screens/batch/BatchPaper";

export default async function BatchPaperPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <BatchPaper id={id} />;
}
