import { SpinScreen } from "@/stations/spin";

export default function Page() {
  return <SpinScreen />;
}
