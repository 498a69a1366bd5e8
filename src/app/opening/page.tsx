import { OpeningScreen } from "@/stations/yard/opening";

export default function Page() {
  return <OpeningScreen />;
}
