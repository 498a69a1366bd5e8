import { UpkeepScreen } from "@/stations/drive/upkeep";

export const metadata = { title: "Upkeep" };

export default function Page() {
  return <UpkeepScreen />;
}
