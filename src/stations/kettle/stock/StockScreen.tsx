"use client";
import { componentName } from "@/core/fluids";
import { priceOf } from "@/core/readings/blend/prices";
import { type Chemical, chemicalsIn, methanolLitresKept } from "@/core/readings/kettle/chemicals";
import { formatNumber } from "@/core/units";
import { NumberField, useAmount, useLog, useNote, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Caution } from "@/ui";
import { fullDay } from "@/ui/words";
import { priceEach } from "@/ui/words/blend";
import { gramsWords } from "@/ui/words/kettle";
import { KettlePages } from "../KettlePages";

/** What the kettle is fed from: how much, how pure, how old, and how much may be kept. */
export function StockScreen() {
  const { view } = useYard();
  const log = useLog();
  const chemicals = chemicalsIn(view.vessels, view.at);
  const empty = view.vessels.filter((v) => v.vessel.role === "chemical" && v.litres < 0.05);
  return (
    <Bench
      title="Chemicals"
      subtitle="Methanol, lye and acid: their packs, with what the label says."
      asideLabel="How much may be kept"
      aside={
        <>
          <Limit />
          <div className="mt-3">
            <Caution>
              Methanol is poison and burns without a visible flame; a drum pump charges itself: earth it. Lye and acid
              apart from each other, closed, dry, out of children's reach. Local rules on storing them come first.
            </Caution>
          </div>
          <KettlePages here="chemicals" />
        </>
      }
    >
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="go" onClick={() => log.open("buy-chemical")}>
          Buy chemicals
        </Button>
        <Button onClick={() => log.open("add-vessel", { preset: "bottle", role: "chemical" })}>
          Add a pack or can
        </Button>
      </div>
      {chemicals.length === 0 ? (
        <p className="mt-4">None in the book yet.</p>
      ) : (
        <ul className="mt-3 max-w-[860px]">
          {chemicals.map((c) => (
            <Pack key={c.vessel.vessel.id} chemical={c} />
          ))}
        </ul>
      )}
      {empty.length > 0 ? (
        <p className="mt-3 text-ink-2">Empty: {empty.map((v) => v.vessel.name).join(", ")}.</p>
      ) : null}
    </Bench>
  );
}

function Pack({ chemical: c }: { chemical: Chemical }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { vessel } = c.vessel;
  const price = priceOf(view, c.is);
  const isLiquid = c.is === "methanol" || c.is === "sulfuric-acid";
  return (
    <li className="flex flex-wrap items-center justify-between gap-3 border-t border-rule py-2">
      <span>
        <b className="font-plate text-[19px]">{vessel.name}</b>, {componentName(c.is)}
        <span className="block text-[15px] text-ink-2">
          {c.purity === null
            ? "purity not said"
            : `${formatNumber(c.purity * 100, 1)} % ${c.is === "methanol" ? "by what is in it" : "by its label"}`}
          {vessel.pack?.openedAt ? `, opened ${fullDay(vessel.pack.openedAt)}` : ""}
          {vessel.pack?.expiresAt ? (
            <span className={c.expired ? "font-semibold text-stop" : ""}>
              , {c.expired ? "past its date since" : "good to"} {fullDay(vessel.pack.expiresAt)}
            </span>
          ) : null}
          {price
            ? `, ${isLiquid ? priceEach(price.perLitre, units) : `${units.money((price.perLitre * c.vessel.litres) / c.kg)} a kilogram`}`
            : ""}
        </span>
      </span>
      <span className="flex items-center gap-3">
        <b className="font-plate text-[22px]">
          {isLiquid
            ? `${units.litres(c.vessel.litres)}, ${units.kg(c.kg)}`
            : c.kg < 1
              ? gramsWords(c.kg * 1000)
              : units.kg(c.kg)}
        </b>
        <Button onClick={() => log.open("pack", { vessel: vessel.id })}>Its label</Button>
        <Button onClick={() => log.open("stock-take", { vessel: vessel.id })}>Count</Button>
      </span>
    </li>
  );
}

/** All methanol that stands here, in drums, kettles and glycerol, against the limit its owner set. */
function Limit() {
  const { view } = useYard();
  const units = useUnits();
  const note = useNote();
  const kept = methanolLitresKept(view.vessels);
  const limit = useAmount(units.volume, view.settings.methanolLimitLitres);
  const over = kept > view.settings.methanolLimitLitres;
  const keep = (): void => {
    if (limit.value === null || limit.value < 1 || limit.value > 100_000) limit.refuse("Between 1 and 100,000 L.");
    else note({ kind: "settings", data: { methanolLimitLitres: limit.value } }, "Your limit is kept.");
  };
  return (
    <>
      <h2 className="text-xl">Methanol here</h2>
      <p className={`font-plate text-[40px] leading-none font-semibold ${over ? "text-stop" : ""}`}>
        {units.litres(kept)}{" "}
        <span className="text-[18px] font-medium text-ink-2">of {units.litres(view.settings.methanolLimitLitres)}</span>
      </p>
      <p className="text-[15px] text-ink-2">In drums, in the kettle and in the glycerol together.</p>
      <div className="mt-2 flex items-end gap-2">
        <NumberField label="At most, by local rules and your own" of={limit} />
        <Button onClick={keep}>Keep</Button>
      </div>
    </>
  );
}
