import { RehearseScreen } from "@/stations/drive/rehearse";

export const metadata = { title: "Rehearse" };

export default function Page() {
  return <RehearseScreen />;
}
