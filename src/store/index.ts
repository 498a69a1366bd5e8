export type { YardClient } from "./client";
export type { YardName } from "./db";
export type { Listed, RestoreReport, StoreError } from "./session";
export { type OpenYard, useYard, YardProvider } from "./YardProvider";
