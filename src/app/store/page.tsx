import { StoreScreen } from "@/stations/store";

export default function Page() {
  return <StoreScreen />;
}
