import { SpinScreen } from "@/stations/spin";

export const metadata = { title: "Centrifuge" };

export default function Page() {
  return <SpinScreen />;
}
