"use client";
import { lazy } from "react";
import { Later } from "../Later";

const Rescue = lazy(() => import("./Rescue").then((m) => ({ default: m.Rescue })));

export const RescueScreen = () => <Later title="Tank rescue" of={Rescue} />;
