import * as Comlink from "comlink";
import type { Entry } from "@/core/ledger";
import { demoYard } from "./demoYard";

const api = { make: (nowMs: number): Entry[] => demoYard(nowMs) };
export type DemoApi = typeof api;
Comlink.expose(api);
