export { BooksScreen } from "./BooksScreen";
