import { input } from "../fields";

export const moles = (title: string) => input(title, "mol", 1e-3, 1e6);
