import { FilterScreen } from "@/stations/filter";

export default function Page() {
  return <FilterScreen />;
}
