"use client";
import type { ComponentType } from "react";
import type { Stage } from "@/core/kettle";
import { DoseStage } from "./stages/DoseStage";
import { MixStage } from "./stages/MixStage";
import { PolishStage } from "./stages/PolishStage";
import type { StageProps } from "./stages/props";
import { RetitrateStage } from "./stages/RetitrateStage";
import { SettleStage } from "./stages/SettleStage";
import { SplitStage } from "./stages/SplitStage";
import { TestStage } from "./stages/TestStage";
import { WarmStage } from "./stages/WarmStage";
import { WashStage } from "./stages/WashStage";

/** Which card a stage has. A new stage is a word in `core/kettle/stages.ts`, its words, and a line here. */
const CARDS: Readonly<Record<Stage, ComponentType<StageProps>>> = {
  dry: WarmStage,
  warm: WarmStage,
  acid: MixStage,
  "acid-settle": SettleStage,
  "acid-split": SplitStage,
  retitrate: RetitrateStage,
  methoxide: DoseStage,
  mix: MixStage,
  settle: SettleStage,
  split: SplitStage,
  "methoxide-2": DoseStage,
  "mix-2": MixStage,
  "settle-2": SettleStage,
  "split-2": SplitStage,
  wash: WashStage,
  polish: PolishStage,
  test: TestStage,
};

export function StageNow(props: StageProps) {
  const Card = CARDS[props.stage];
  return <Card {...props} />;
}
