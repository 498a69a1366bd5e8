import { WrongScreen } from "@/stations/drive/wrong";

export const metadata = { title: "What is wrong?" };

export default function Page() {
  return <WrongScreen />;
}
