import { WaysScreen } from "@/stations/blend/ways";

export const metadata = { title: "Compare the ways" };

export default function Page() {
  return <WaysScreen />;
}
