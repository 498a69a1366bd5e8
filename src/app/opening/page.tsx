import { OpeningScreen } from "@/stations/yard/opening";

export const metadata = { title: "What stands there already" };

export default function Page() {
  return <OpeningScreen />;
}
