import { FaultPathScreen } from "@/screens/faults/FaultPathScreen";

export default async function FaultPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <FaultPathScreen id={id} />;
}
