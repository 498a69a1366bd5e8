import { StationPages } from "@/desk";

const pagesOf = (vehicle: string) => [
  { key: "drive", name: "Drive", href: `/drive?vehicle=${vehicle}` },
  { key: "rig", name: "Its fuel loop", href: `/rig?vehicle=${vehicle}` },
  { key: "upkeep", name: "Upkeep", href: `/upkeep?vehicle=${vehicle}` },
  { key: "wrong", name: "What is wrong?", href: `/wrong?vehicle=${vehicle}` },
  { key: "rehearse", name: "Rehearse", href: `/rehearse?vehicle=${vehicle}` },
];

/** A vehicle's other pages. */
export const DrivePages = ({ vehicle, here }: { vehicle: string; here: string }) => (
  <StationPages label="More of Drive" pages={pagesOf(vehicle)} here={here} />
);
