import type { Draft } from "@/core/ledger";
import type { YardView } from "@/core/view";
import type { Option } from "@/ui";
import type { Units } from "@/ui/words";

/** What a form asks, and the entry its answers are. */
export interface Form {
  readonly fields: readonly Field[];
  readonly caution?: string;
  /** One entry, or several that are one act. */
  build(v: Values, view: YardView, newId: () => string): Draft | readonly Draft[];
  said(v: Values, view: YardView, units: Units): string;
  /** What is wrong with all of it, where no field by itself is. */
  wrong?(v: Values): string | undefined;
}

/** One thing that can happen in a yard, as the Log asks for it. It lives with its station; the app puts them together. */
export interface Verb extends Form {
  readonly key: string;
  readonly name: string;
  /** The letter that picks it in the open Log; the common ones have one. */
  readonly letter?: string;
  /** What else people call it, for whoever types what happened. */
  readonly alsoCalled: readonly string[];
  readonly group: "oil" | "fuel" | "look" | "yard";
}

/** Where something is worked out on a bench of its own, and the letter that leads there. */
export interface BenchLink {
  readonly letter?: string;
  readonly name: string;
  readonly href: string;
  readonly alsoCalled: readonly string[];
}

/** Quantities that a field asks for; each in its base unit whatever its owner types. */
export type Amount =
  | "litres"
  | "celsius"
  | "mm"
  | "km"
  | "economy"
  | "kg"
  | "kpa"
  | "minutes"
  | "money"
  | "share"
  | "number";

/** A verb that makes what a choice may be missing. */
export interface Adds {
  readonly verb: string;
  /** "Add a container". */
  readonly name: string;
  given?(view: YardView, values: Values): Readonly<Record<string, string>>;
}

interface Common {
  readonly name: string;
  readonly label: string;
  readonly optional?: boolean;
  /** A field that is only asked when it matters says when. */
  asked?(view: YardView, values: Values): boolean;
}

export type Field = Common &
  (
    | {
        readonly kind: "choice";
        /** Read after the amounts, because it depends on them. */
        readonly late?: boolean;
        /** Drawn as a list: plates for all of them would fill the screen. */
        readonly listed?: boolean;
        options(view: YardView, values: Values): Option[];
        /** What makes another to choose, from right here. */
        readonly adds?: Adds;
        /** What is chosen before anybody chooses. */
        first?(view: YardView, values: Values): string | undefined;
      }
    | {
        readonly kind: Amount;
        readonly suffix?: string;
        first?(view: YardView, values: Values): number | undefined;
        /** Amounts worth one tap. */
        chips?(view: YardView, values: Values): number[];
        /** Litres that the receiver still takes: said beside the amount, and more than that at once. */
        room?(view: YardView, values: Values): number | undefined;
      }
    | {
        readonly kind: "text";
        first?(view: YardView, values: Values): string;
        /** What is wrong with it, beyond being empty. */
        wrong?(text: string): string | undefined;
      }
  );

/** What has been filled in, read by name. Numbers are in base units. */
export interface Values {
  text(name: string): string;
  number(name: string): number;
  maybe(name: string): number | undefined;
  /** Whether it says something else than what it was opened with. */
  changed(name: string): boolean;
}

export const litresChips = (...amounts: number[]): number[] =>
  [...new Set(amounts.filter((l) => l >= 0.5).map((l) => Math.floor(l * 10) / 10))].slice(0, 4);
