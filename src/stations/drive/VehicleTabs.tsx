"use client";
import { YardLink } from "@/desk";
import { useYard } from "@/store";

/** Every vehicle of the yard, one press apart. */
export function VehicleTabs({ chosen, path }: { chosen: string; path: string }) {
  const { view } = useYard();
  return (
    <nav aria-label="Vehicles" className="my-2 flex flex-wrap gap-2">
      {view.vehicles.map(({ vehicle }) => (
        <YardLink
          key={vehicle.id}
          href={`${path}?vehicle=${vehicle.id}`}
          here={vehicle.id === chosen}
          className={`flex min-h-[var(--target)] items-center rounded-md border px-3 font-plate text-[16px] font-semibold ${vehicle.id === chosen ? "border-go bg-card shadow-[inset_0_-3px_0_var(--go)]" : "border-rule"}`}
        >
          {vehicle.name}
        </YardLink>
      ))}
    </nav>
  );
}
