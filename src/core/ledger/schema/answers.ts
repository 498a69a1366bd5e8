import * as z from "../../zod";
import type { Called } from "../kinds/kind";

const Answer = z.enum(["yes", "no", "none"]).optional();

/** Things that are looked at one by one, each answered yes, no, or that there is none. */
export const answersTo = <Item extends string>(items: Readonly<Record<Item, string>>) =>
  z.object(Object.fromEntries(Object.keys(items).map((item) => [item, Answer])) as Record<Item, typeof Answer>);

/** What they are called in the books, under `checks`. */
export const calledByItems = (items: Readonly<Record<string, string>>): Record<string, Called> =>
  Object.fromEntries(
    Object.entries(items).map(([item, name]) => [
      `checks.${item}`,
      [name, { yes: "Yes", no: "No", none: "It has none" }] as const,
    ]),
  );
