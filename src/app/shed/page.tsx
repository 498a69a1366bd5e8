import { ShedScreen } from "@/stations/shed";

export const metadata = { title: "Shed" };

export default function Page() {
  return <ShedScreen />;
}
