import { DriveScreen } from "@/stations/drive";

export default function Page() {
  return <DriveScreen />;
}
