import { RescueScreen } from "@/stations/drive/wrong";

export const metadata = { title: "Tank rescue" };

export default function Page() {
  return <RescueScreen />;
}
