import { LabelsScreen } from "@/stations/labels";

export const metadata = { title: "Labels" };

export default function Page() {
  return <LabelsScreen />;
}
