import { BooksScreen } from "@/stations/books";

export default function Page() {
  return <BooksScreen />;
}
