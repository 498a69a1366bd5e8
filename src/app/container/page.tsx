import { ContainerScreen } from "@/stations/container";

export default function Page() {
  return <ContainerScreen />;
}
