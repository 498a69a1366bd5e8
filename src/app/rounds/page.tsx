import { RoundsScreen } from "@/stations/rounds";

export default function Page() {
  return <RoundsScreen />;
}
