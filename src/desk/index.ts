export { StepButton } from "./AdviceSteps";
export { LogContext, type LogOpener, useLog } from "./LogContext";
export { useHref, YardLink } from "./links";
export { type NumberInput, useNumber } from "./useNumber";
export { useChosenVessel } from "./useChosenVessel";
export { VesselTabs } from "./VesselTabs";
export { VesselColumn } from "./VesselColumn";
export { useTell, useUndo } from "./useTell";
export { useUnits } from "./useUnits";
