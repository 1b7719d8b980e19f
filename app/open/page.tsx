import { Open } from "@/screens/open/Open";

export default function OpenPage() {
  return <Open />;
}
