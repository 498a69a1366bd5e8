import { BlendScreen } from "@/stations/blend";

export default function Page() {
  return <BlendScreen />;
}
