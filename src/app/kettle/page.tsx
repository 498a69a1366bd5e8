import { KettleScreen } from "@/stations/kettle";

export default function Page() {
  return <KettleScreen />;
}
