import { Batches } from "@/screens/batch/Batches";

export default function BatchesPage() {
  return <Batches />;
}
