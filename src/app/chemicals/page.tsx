import { StockScreen } from "@/stations/kettle/stock";

export const metadata = { title: "Chemicals" };

export default function Page() {
  return <StockScreen />;
}
