export { bisect } from "./bisect";
export { OutOfRange, requireRange } from "./range";
export { integrate } from "./quadrature";
