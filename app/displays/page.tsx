import { Displays } from "@/screens/displays/Displays";

export default function DisplaysPage() {
  return <Displays />;
}
