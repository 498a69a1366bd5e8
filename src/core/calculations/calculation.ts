import type * as z from "../zod";

/** Told now and then how far a long calculation has come, 0 to 1. */
export type Progress = (share: number) => void;

/** The room a calculation belongs to, in working order. */
export const ROOMS = [
  "fluids",
  "vessels",
  "rounds",
  "settling",
  "filtration",
  "pumping",
  "blending",
  "kettle",
  "keeping",
  "driving",
  "costs",
  "yard",
] as const;
export type Room = (typeof ROOMS)[number];

/**
 * A named calculation, declared once: its route, its page, its worker call, its Why and its tests all come from here.
 * `run` takes complete input, as the schema gives it, and throws `OutOfRange` or `Refused` where there is no answer.
 */
export interface Calculation<N extends string, I extends z.ZodType, O extends z.ZodType> {
  readonly name: N;
  readonly room: Room;
  readonly title: string;
  /** As text for people. */
  readonly equation: string;
  readonly source: string;
  /** Where it holds, and what it rests on. */
  readonly range: string;
  readonly input: I;
  readonly output: O;
  readonly example: z.input<I>;
  /** The output field that the answer is judged by: what Why looks at. */
  readonly answer: keyof z.output<O> & string;
  /** Can take more than 8 ms: never on a page's own thread. */
  readonly heavy: boolean;
  readonly run: (input: z.output<I>, progress: Progress) => z.output<O>;
}

/** Any calculation, its exact types let go: for whoever treats them all alike. */
export type AnyCalculation = Calculation<string, z.ZodType, z.ZodType>;

/** Says that a calculation is one, and keeps its exact types. */
export const calculation = <N extends string, I extends z.ZodType, O extends z.ZodType>(
  c: Calculation<N, I, O>,
): Calculation<N, I, O> => c;
