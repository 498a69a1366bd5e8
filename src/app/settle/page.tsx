import { SettleScreen } from "@/stations/settle";

export const metadata = { title: "Settle" };

export default function Page() {
  return <SettleScreen />;
}
