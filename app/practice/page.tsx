import { Practice } from "@/screens/practice/Practice";

export default function PracticePage() {
  return <Practice />;
}
