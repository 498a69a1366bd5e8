export { StepButton } from "./AdviceSteps";
export { LogContext, type LogOpener, useLog } from "./LogContext";
export { useHref, YardLink } from "./links";
export { useChosenVessel } from "./useChosenVessel";
export { type NumberInput, useNumber } from "./useNumber";
export { useTell, useUndo } from "./useTell";
export { useUnits } from "./useUnits";
export { VesselColumn } from "./VesselColumn";
export { VesselTabs } from "./VesselTabs";
