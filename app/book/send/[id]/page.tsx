import { Send } from "@/screens/send/Send";

export default async function SendPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <Send id={id} />;
}
