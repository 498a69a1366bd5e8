import type { CalculationError, Room } from "@/core/calculations";
import { formatFigure } from "@/core/units";

type AskedError =
  | CalculationError
  | { readonly code: "cancelled" }
  | { readonly code: "broken"; readonly reason: string };

/** Why a calculation gave no answer, for a person; `titleOf` names a field as its form does. */
export function wordCalculationError(error: AskedError, titleOf: (field: string) => string = (f) => f): string {
  const name = (field: string): string => (field === "" ? "The input" : titleOf(field));
  switch (error.code) {
    case "unknown-calculation":
      return `There is no calculation called “${error.name}”.`;
    case "invalid-input":
      return error.issues.map((i) => `${name(i.field)} ${i.reason}.`).join(" ");
    case "out-of-range":
      return `${name(error.field)} must be from ${formatFigure(error.min)} to ${formatFigure(error.max)}.`;
    case "refused":
      return error.field === "" ? `No answer: ${error.reason}.` : `${name(error.field)} ${error.reason}.`;
    case "cancelled":
      return "Stopped.";
    case "broken":
      return `This could not be worked out here: ${error.reason}.`;
  }
}

export const ROOM_NAMES: Record<Room, string> = {
  fluids: "Fluids",
  vessels: "Vessels",
  rounds: "Rounds",
  settling: "Settling",
  filtration: "Filtering",
  pumping: "Pumping",
  blending: "Blending",
  kettle: "Kettle",
  keeping: "Keeping",
  driving: "Driving",
  costs: "Money and time",
  yard: "The yard",
};
