export { askStep, type Clearance, isCleared, type Need, type Refusal } from "./ask";
export {
  DRIVES,
  type Drive,
  MATERIALS,
  type Material,
  OPERATIONS,
  type Operation,
  RECEIVERS,
  type Receiver,
  type ReceiverKind,
  type Step,
  type StepPart,
  SUBSTANCES,
  type Substance,
  type Unattended,
} from "./step";
export { NEEDS, NEVER, type NeedCode, type NeverCode } from "./table";
