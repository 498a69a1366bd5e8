import { SettleScreen } from "@/stations/settle";

export default function Page() {
  return <SettleScreen />;
}
