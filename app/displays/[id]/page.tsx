import { Workbench } from "@/screens/workbench/Workbench";

export default async function WorkbenchPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <Workbench id={id} />;
}
