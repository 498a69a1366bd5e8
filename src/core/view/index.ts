export { applyChange, changeOf, type ViewChange } from "./change";
export { viewYard, type YardView } from "./view";
