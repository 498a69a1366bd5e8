import { FilterScreen } from "@/stations/filter";

export const metadata = { title: "Filter line" };

export default function Page() {
  return <FilterScreen />;
}
