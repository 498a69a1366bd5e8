"use client";
import { lazy } from "react";
import { Later } from "../Later";

const RigBench = lazy(() => import("./RigBench").then((m) => ({ default: m.RigBench })));

export const RigScreen = () => <Later title="The fuel loop" of={RigBench} />;
