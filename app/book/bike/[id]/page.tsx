import { Bike } from "@/screens/bike/Bike";

export default async function BikePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <Bike id={id} />;
}
