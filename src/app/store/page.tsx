import { StoreScreen } from "@/stations/store";

export const metadata = { title: "Store" };

export default function Page() {
  return <StoreScreen />;
}
