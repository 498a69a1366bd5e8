"use client";
import { lazy } from "react";
import { Later } from "../Later";

const Upkeep = lazy(() => import("./Upkeep").then((m) => ({ default: m.Upkeep })));

export const UpkeepScreen = () => <Later title="Upkeep" of={Upkeep} />;
