import type { ReactNode } from "react";
import { Termed } from "./Termed";

interface Props {
  readonly title: string;
  readonly subtitle: ReactNode;
  readonly aside: ReactNode;
  readonly asideLabel: string;
  readonly children: ReactNode;
  /** What runs now comes first where there is room for one thing only. */
  readonly isUrgent?: boolean;
}

/** A bench: the picture one works on, and beside it the few numbers and the thing to do. */
export function Bench({ title, subtitle, aside, asideLabel, children, isUrgent = false }: Props) {
  return (
    <div className="flex flex-1 flex-col lg:flex-row">
      <section aria-labelledby="bench-title" className="min-w-0 flex-1 px-4 py-3 md:px-5">
        <h1 id="bench-title" className="text-[27px] leading-tight">
          {title}
        </h1>
        <p className="text-ink-2">{typeof subtitle === "string" ? <Termed>{subtitle}</Termed> : subtitle}</p>
        {children}
      </section>
      <aside
        aria-label={asideLabel}
        className={`border-t border-rule bg-panel px-4 py-3 lg:w-[350px] lg:border-t-0 lg:border-l ${isUrgent ? "max-lg:order-first" : ""}`}
      >
        {aside}
      </aside>
    </div>
  );
}

/** A figure with its name, as on a plate. */
export function Row({ name, value }: { name: string; value: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-t border-rule py-2">
      <dt className="text-[15px]">
        <Termed>{name}</Termed>
      </dt>
      <dd className="text-right font-plate text-[17px] font-semibold">{value}</dd>
    </div>
  );
}
