import { Batch } from "@/screens/batch/Batch";

export default async function BatchPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <Batch id={id} />;
}
