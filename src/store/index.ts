export type { OpeningStage } from "./bookState";
export type { YardName } from "./db";
export type { Listed } from "./reader";
export type { RestoreReport } from "./restoreReport";
export type { StoreError } from "./session";
export type { Opening } from "./useOpening";
export { useYard, YardContext, YardProvider } from "./YardProvider";
