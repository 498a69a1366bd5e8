import { BlendScreen } from "@/stations/blend";

export const metadata = { title: "Blend" };

export default function Page() {
  return <BlendScreen />;
}
