import { CupScreen } from "@/stations/cup";

export const metadata = { title: "Flow cup" };

export default function Page() {
  return <CupScreen />;
}
