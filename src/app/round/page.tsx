import { RoundScreen } from "@/stations/round";

export const metadata = { title: "Round" };

export default function Page() {
  return <RoundScreen />;
}
