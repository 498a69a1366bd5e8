export { StepButton } from "./AdviceSteps";
export { LogContext, useLog } from "./LogContext";
export { useHref, YardLink } from "./links";
export { useChosenVessel } from "./useChosenVessel";
export { useNumber } from "./useNumber";
export { useTell, useUndo } from "./useTell";
export { useUnits } from "./useUnits";
export { VesselColumn } from "./VesselColumn";
export { VesselTabs } from "./VesselTabs";
