export { bisect } from "./bisect";
export { type Fitted, fitted, type Trust, trustOf } from "./fitted";
export { type LinearFit, leastSquares } from "./leastSquares";
export { type Bound, mostWithin } from "./linear";
export { fitNonlinear, type NonlinearFit } from "./nonlinearFit";
export { solveOde } from "./ode";
export { forEachNode } from "./quadrature";
export { gammaInverse, normalInverse } from "./quantiles";
export { OutOfRange, Refused, requireRange } from "./range";
