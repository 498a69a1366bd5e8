import { RigScreen } from "@/stations/drive/rig";

export const metadata = { title: "Fuel loop" };

export default function Page() {
  return <RigScreen />;
}
