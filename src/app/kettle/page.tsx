import { KettleScreen } from "@/stations/kettle";

export const metadata = { title: "Kettle" };

export default function Page() {
  return <KettleScreen />;
}
