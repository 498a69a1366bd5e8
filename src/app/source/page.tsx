import { SourceScreen } from "@/stations/source";

export const metadata = { title: "Source" };

export default function Page() {
  return <SourceScreen />;
}
