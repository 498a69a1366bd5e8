/** Where litres come from and go to, outside the vessels. */
export const IN_ACCOUNTS = ["opening", "collected", "bought"] as const;
export const OUT_ACCOUNTS = ["burned", "disposed", "lost", "unaccounted"] as const;
/** Where litres go that become others, and those others come from: kilograms of it are nought, litres need not be. */
export const CHANGE_ACCOUNT = "converted";
export type AccountName = (typeof IN_ACCOUNTS)[number] | (typeof OUT_ACCOUNTS)[number] | typeof CHANGE_ACCOUNT;

/** All that ever came in. */
export const enteredLitres = (b: { readonly in: Readonly<Record<(typeof IN_ACCOUNTS)[number], number>> }): number =>
  IN_ACCOUNTS.reduce((sum, name) => sum + b.in[name], 0);
