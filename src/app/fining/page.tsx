import { FiningScreen } from "@/stations/fining";

export const metadata = { title: "Gelatine fining" };

export default function Page() {
  return <FiningScreen />;
}
