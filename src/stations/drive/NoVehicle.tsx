"use client";
import { useLog } from "@/desk";
import { Bench, Button } from "@/ui";

/** Where a yard has nothing to drive yet. */
export function NoVehicle({ title }: { title: string }) {
  const log = useLog();
  return (
    <Bench title={title} subtitle="No vehicle yet." asideLabel="What is missing" aside={null}>
      <div className="mt-4 flex gap-2">
        <Button look="go" onClick={() => log.open("add-vehicle")}>
          Add a vehicle
        </Button>
      </div>
    </Bench>
  );
}
