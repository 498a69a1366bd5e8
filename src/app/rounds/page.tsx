import { RoundsScreen } from "@/stations/rounds";

export const metadata = { title: "Rounds" };

export default function Page() {
  return <RoundsScreen />;
}
