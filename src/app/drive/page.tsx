import { DriveScreen } from "@/stations/drive";

export const metadata = { title: "Drive" };

export default function Page() {
  return <DriveScreen />;
}
