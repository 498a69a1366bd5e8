import type { Arrangement } from "@/core/driving";

type ReturnsTo = Arrangement["returnsTo"];
interface At {
  readonly x: number;
  readonly y: number;
}
/** Where a valve's or box's words stand, and which of their ends is there. */
interface Words extends At {
  readonly anchor: "start" | "middle" | "end";
}

/** Where everything of the loop lies and how its pipes run, in the drawing's own units. */
export interface LoopLayout {
  readonly box: readonly [width: number, height: number];
  readonly diesel: At;
  readonly oil: At;
  readonly supply: At & { readonly words: Words };
  readonly back: At & { readonly words: Words };
  readonly filter: At;
  readonly exchanger: At;
  readonly pump: At;
  readonly pipes: {
    readonly diesel: string;
    readonly oil: string;
    readonly supplied: string;
    readonly back: string;
    readonly returns: Readonly<Record<ReturnsTo, string>>;
  };
}

/** As wide as a desk. */
export const LYING: LoopLayout = {
  box: [840, 425],
  diesel: { x: 75, y: 70 },
  oil: { x: 75, y: 270 },
  supply: { x: 335, y: 225, words: { x: 367, y: 203, anchor: "start" } },
  back: { x: 520, y: 50, words: { x: 552, y: 28, anchor: "start" } },
  filter: { x: 432, y: 200 },
  exchanger: { x: 565, y: 200 },
  pump: { x: 640, y: 98 },
  pipes: {
    diesel: "M205 110H330V205",
    oil: "M205 330H300V245H330",
    supplied: "M350 225H700V160",
    back: "M700 100V50H540",
    returns: { engine: "M520 70V225", "oil-tank": "M520 70V290H180", "diesel-tank": "M500 50H140V70" },
  },
};

/** Standing, for a phone held upright: its words are as large there as on a desk. */
export const STANDING: LoopLayout = {
  box: [360, 530],
  diesel: { x: 16, y: 12 },
  oil: { x: 214, y: 12 },
  supply: { x: 150, y: 235, words: { x: 188, y: 262, anchor: "start" } },
  back: { x: 300, y: 335, words: { x: 264, y: 312, anchor: "end" } },
  filter: { x: 111, y: 285 },
  exchanger: { x: 102, y: 375 },
  pump: { x: 85, y: 450 },
  pipes: {
    diesel: "M16 60H8V235H123",
    oil: "M344 60H352V235H177",
    supplied: "M150 262V452",
    back: "M215 482H300V362",
    returns: {
      engine: "M300 335V355H150",
      "oil-tank": "M300 308V185H190V70H214",
      "diesel-tank": "M300 308V185H170V70H146",
    },
  },
};
