import { SeasonScreen } from "@/stations/blend/season";

export const metadata = { title: "The months ahead" };

export default function Page() {
  return <SeasonScreen />;
}
