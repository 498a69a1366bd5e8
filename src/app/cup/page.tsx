import { CupScreen } from "@/stations/cup";

export default function Page() {
  return <CupScreen />;
}
