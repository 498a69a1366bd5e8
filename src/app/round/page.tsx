import { RoundScreen } from "@/stations/round";

export default function Page() {
  return <RoundScreen />;
}
