import { describeCalculation, EVERY_CALCULATION } from "@/core/calculations";
import { CalculationsScreen } from "@/stations/calculations";

export const metadata = { title: "Calculations" };

/** Described when the app is built: the page needs no schema and no model, its worker has them. */
const described = EVERY_CALCULATION.map(describeCalculation);

export default function Page() {
  return <CalculationsScreen calculations={described} />;
}
