import { BeginBatch } from "@/screens/batch/BeginBatch";

export default async function BeginBatchPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <BeginBatch id={id} />;
}
