import { MixScreen } from "@/stations/blend/sheet";

export const metadata = { title: "Mix, step by step" };

export default function Page() {
  return <MixScreen />;
}
