export type { Listed, RestoreReport, StoreError } from "./session";
export { useYard, YardContext, YardProvider } from "./YardProvider";
