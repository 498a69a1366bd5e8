import { FiningScreen } from "@/stations/fining";

export default function Page() {
  return <FiningScreen />;
}
