import { Book } from "@/screens/book/Book";

export default function BookPage() {
  return <Book />;
}
