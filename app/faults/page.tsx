import { Faults } from "@/screens/faults/Faults";

export default function FaultsPage() {
  return <Faults />;
}
