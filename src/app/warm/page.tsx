import { WarmScreen } from "@/stations/warm";

export default function Page() {
  return <WarmScreen />;
}
