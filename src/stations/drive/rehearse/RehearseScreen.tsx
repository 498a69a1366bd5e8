"use client";
import { lazy } from "react";
import { Later } from "../Later";

const Lessons = lazy(() => import("./Lessons").then((m) => ({ default: m.Lessons })));

export const RehearseScreen = () => <Later title="Rehearse" of={Lessons} />;
