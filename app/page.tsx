import { Rack } from "@/screens/rack/Rack";

export default function RackPage() {
  return <Rack />;
}
