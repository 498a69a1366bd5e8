import { WalkScreen } from "@/stations/kettle/walk";

export const metadata = { title: "Walk-down" };

export default function Page() {
  return <WalkScreen />;
}
