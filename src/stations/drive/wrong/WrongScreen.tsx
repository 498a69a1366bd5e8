"use client";
import { lazy } from "react";
import { Later } from "../Later";

const Wrong = lazy(() => import("./Wrong").then((m) => ({ default: m.Wrong })));

export const WrongScreen = () => <Later title="What is wrong?" of={Wrong} />;
