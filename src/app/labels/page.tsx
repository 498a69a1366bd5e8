import { LabelsScreen } from "@/stations/labels";

export default function Page() {
  return <LabelsScreen />;
}
