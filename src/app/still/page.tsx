import { StillScreen } from "@/stations/kettle/still";

export const metadata = { title: "Methanol back" };

export default function Page() {
  return <StillScreen />;
}
