import { BatchesScreen } from "@/stations/kettle/batches";

export const metadata = { title: "All batches" };

export default function Page() {
  return <BatchesScreen />;
}
