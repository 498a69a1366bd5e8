import { ShedScreen } from "@/stations/shed";

export default function Page() {
  return <ShedScreen />;
}
