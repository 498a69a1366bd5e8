import { TitrateScreen } from "@/stations/kettle/titrate";

export const metadata = { title: "Titrate" };

export default function Page() {
  return <TitrateScreen />;
}
