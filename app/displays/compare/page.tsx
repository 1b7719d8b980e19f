import { Compare } from "@/screens/compare/Compare";

export default function ComparePage() {
  return <Compare />;
}
