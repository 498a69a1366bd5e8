import { input, word } from "../fields";

export const base = word("Base", ["NaOH", "KOH"]);
export const purity = (title: string) => input(title, "1", 0.2, 1);
