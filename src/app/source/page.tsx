import { SourceScreen } from "@/stations/source";

export default function Page() {
  return <SourceScreen />;
}
