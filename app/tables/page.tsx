import { Tables } from "@/screens/tables/Tables";

export default function TablesPage() {
  return <Tables />;
}
