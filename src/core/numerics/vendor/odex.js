// The package ships TypeScript that does not pass our compiler settings; odex.d.ts beside this states what we use.
export { Outcome, Solver } from "odex";
