import { ContainerScreen } from "@/stations/container";

export const metadata = { title: "Container" };

export default function Page() {
  return <ContainerScreen />;
}
