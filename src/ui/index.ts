export { Bench, Row } from "./Bench";
export { Button, type ButtonLook, buttonClass } from "./Button";
export { Caution } from "./Caution";
export { VesselDrawing } from "./drawing/VesselDrawing";
export { vesselWords } from "./drawing/vesselWords";
export { Choice, type Option } from "./fields/Choice";
export { TextField } from "./fields/TextField";
export { LitresBar } from "./LitresBar";
