import { BooksScreen } from "@/stations/books";

export const metadata = { title: "Books" };

export default function Page() {
  return <BooksScreen />;
}
