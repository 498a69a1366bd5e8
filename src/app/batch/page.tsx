import { PlanScreen } from "@/stations/kettle/plan";

export const metadata = { title: "Plan a batch" };

export default function Page() {
  return <PlanScreen />;
}
