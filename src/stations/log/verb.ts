import type { YardView } from "@/core/advice";
import type { Draft } from "@/core/ledger";
import type { Option } from "@/ui";
import type { Units } from "@/ui/words";

/** One thing that can happen in a yard, as the Log asks for it. */
export interface Verb {
  readonly key: string;
  readonly name: string;
  /** The letter that picks it in the open Log. */
  readonly letter: string;
  readonly group: "oil" | "fuel" | "look" | "yard";
  readonly fields: readonly Field[];
  readonly caution?: string;
  build(v: Values, view: YardView): Draft;
  said(v: Values, view: YardView, units: Units): string;
}

/** A field that is only asked when it matters says when. */
interface Sometimes {
  asked?(view: YardView, values: Values): boolean;
}

export type Field = Sometimes &
  (
    | {
        readonly kind: "choice";
        readonly name: string;
        readonly label: string;
        options(view: YardView, values: Values): Option[];
        /** What is chosen before anybody chooses. */
        first?(view: YardView, values: Values): string | undefined;
      }
    | {
        readonly kind: "litres" | "celsius" | "mm" | "minutes" | "money" | "number";
        readonly name: string;
        readonly label: string;
        readonly optional?: boolean;
        readonly suffix?: string;
        first?(view: YardView, values: Values): number | undefined;
        /** Amounts worth one tap. */
        chips?(view: YardView, values: Values): number[];
      }
    | {
        readonly kind: "text";
        readonly name: string;
        readonly label: string;
        readonly optional?: boolean;
        first?(view: YardView, values: Values): string;
      }
  );

/** What has been filled in, read by name. Numbers are in base units. */
export interface Values {
  text(name: string): string;
  number(name: string): number;
  maybe(name: string): number | undefined;
}

export const litresChips = (...amounts: number[]): number[] =>
  [...new Set(amounts.filter((l) => l >= 0.5).map((l) => Math.floor(l * 10) / 10))].slice(0, 4);
