import { input, word } from "../fields";

export const base = word("Base", ["NaOH", "KOH"]);
export const purity = (title: string) => input(title, "share", 0.2, 1);
