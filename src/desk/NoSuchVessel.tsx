"use client";
import { buttonClass } from "@/ui";
import { YardLink } from "./links";

/** Said where an address names a container that is not there, or that this bench is not for. */
export const NoSuchVessel = ({ bench }: { bench: string }) => (
  <div className="p-5">
    <h1 className="text-[27px]">No such container here</h1>
    <p>The address names none that is in this yard, or none that {bench}.</p>
    <YardLink href="/" className={`${buttonClass("plain")} mt-3`}>
      The yard
    </YardLink>
  </div>
);
