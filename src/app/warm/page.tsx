import { WarmScreen } from "@/stations/warm";

export const metadata = { title: "Warm settling" };

export default function Page() {
  return <WarmScreen />;
}
