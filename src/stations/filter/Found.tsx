"use client";
import type { BagView } from "@/core/readings";
import { NumberField, useNumber, useUnits } from "@/desk";
import { Button } from "@/ui";
import type { Caught, FoundIn, Run } from "./useRun";

const CAUGHT: readonly { value: Caught; name: string }[] = [
  { value: "none", name: "None" },
  { value: "some", name: "Some" },
  { value: "much", name: "Much" },
];

/** What was found in one element: how much it caught, and what the gauges beside it said before and after. */
export function Found({ element: e, run }: { element: BagView; run: Run }) {
  const found: FoundIn = run.found[e.bag.id] ?? {};
  const set = (more: FoundIn): void => run.setFound(e.bag.id, { ...found, ...more });
  return (
    <fieldset className="mt-1">
      <legend className="text-[14px] text-ink-2">Found in {e.bag.name} (if you looked)</legend>
      <div className="mt-1 grid grid-cols-3 gap-1">
        {CAUGHT.map((c) => (
          <Button
            key={c.value}
            aria-pressed={found.caught === c.value}
            look={found.caught === c.value ? "go" : "plain"}
            onClick={() => set({ caught: c.value })}
          >
            {c.name}
          </Button>
        ))}
      </div>
      {run.way === "gravity" ? null : (
        <div className="mt-1 grid grid-cols-2 gap-2">
          <Gauge label={`Before ${e.bag.name}`} onSet={(kPa) => set({ beforeKPa: kPa })} />
          <Gauge label={`After ${e.bag.name}`} onSet={(kPa) => set({ afterKPa: kPa })} />
        </div>
      )}
      <Drop element={e} found={found} />
    </fieldset>
  );
}

interface GaugeProps {
  readonly label: string;
  readonly onSet: (kPa: number | undefined) => void;
}

/** One gauge's reading, or none. */
function Gauge({ label, onSet }: GaugeProps) {
  const { pressure } = useUnits();
  const number = useNumber("", pressure.parse);
  return (
    <NumberField
      label={label}
      suffix={pressure.unit}
      of={{
        ...number,
        error: number.value !== null && number.value < 0 ? "It cannot be less than nothing." : number.error,
        set(text) {
          number.set(text);
          const read = pressure.parse(text);
          onSet(read.ok && read.value >= 0 ? read.value : undefined);
        },
      }}
    />
  );
}

/** The drop over it, against what it bears; a gauge behind that reads more than the one before is read wrong. */
function Drop({ element: e, found }: { element: BagView; found: FoundIn }) {
  const units = useUnits();
  if (found.beforeKPa === undefined || found.afterKPa === undefined) return null;
  const drop = found.beforeKPa - found.afterKPa;
  const { mostDropKPa } = e.bag;
  const wrong = dropFault(found, mostDropKPa);
  return (
    <p role={wrong ? "alert" : undefined} className={`text-[14px] ${wrong ? "text-stop" : "text-ink-2"}`}>
      {wrong === "backwards"
        ? "It cannot be more behind than before: the gauges are read the wrong way round."
        : `A drop of ${units.pascals(drop * 1000)}${
            wrong === "too-much" && mostDropKPa !== undefined
              ? `: over what it bears, ${units.pascals(mostDropKPa * 1000)}. Look whether it is torn or its seal has lifted.`
              : "."
          }`}
    </p>
  );
}

/** What is wrong with a drop; null where nothing is. */
export function dropFault(
  { beforeKPa, afterKPa }: Pick<FoundIn, "beforeKPa" | "afterKPa">,
  mostDropKPa: number | undefined,
): "backwards" | "too-much" | null {
  if (beforeKPa === undefined || afterKPa === undefined) return null;
  if (afterKPa > beforeKPa) return "backwards";
  return mostDropKPa !== undefined && beforeKPa - afterKPa > mostDropKPa ? "too-much" : null;
}
