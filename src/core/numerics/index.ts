export { bisect } from "./bisect";
export { integrate } from "./quadrature";
export { OutOfRange, requireRange } from "./range";
