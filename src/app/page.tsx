import { YardScreen } from "@/stations/yard";

export default function Page() {
  return <YardScreen />;
}
