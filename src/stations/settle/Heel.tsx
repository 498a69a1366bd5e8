"use client";
import { WORTH_DRAWING_LITRES } from "@/core/advice/worth";
import type { HeelFate, Heel as HeelIs, VesselView } from "@/core/readings";
import { heelOf, isCream } from "@/core/readings/settle/heels";
import { formatNumber } from "@/core/units";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Caution, FateBar, Row } from "@/ui";
import { aboutDay } from "@/ui/words";

const FATE_WORDS: Record<HeelFate, string> = {
  wait: "Worth another wait.",
  kettle: "Cream: work for the kettle.",
  disposal: "Water and sludge: to disposal.",
  keep: "Too little to judge: pool more heels.",
};

/** Cream goes to disposal only where nobody has a kettle for it. */
const fateWords = (heel: HeelIs): string =>
  heel.fate === "disposal" && isCream(heel)
    ? "Cream, and no kettle here: to somebody who converts it, or to disposal."
    : FATE_WORDS[heel.fate];

/** Heels pooled: what they are made of, and what becomes of them. */
export function Heel({ vessel: v }: { vessel: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const hasKettle = view.vessels.some((o) => o.vessel.role === "kettle");
  const heel = heelOf(v, hasKettle);
  const others = view.vessels.filter(
    (o) =>
      o.vessel.role === "settling" &&
      o.litres > 0.05 &&
      o.drawnAt !== null &&
      (o.settling?.drawableLitres ?? 0) < WORTH_DRAWING_LITRES,
  );
  const s = v.settling;
  const room = v.capacityLitres - v.litres;
  return (
    <>
      <h2 className="text-xl">Heels</h2>
      <p className="font-plate text-[20px] font-semibold" data-fate={heel.fate}>
        {v.litres < 0.05 ? "Empty." : fateWords(heel)}
      </p>
      {heel.fate === "wait" && s ? (
        <p className="text-[15px]">
          About {units.litres(s.drawableLitres)} of oil will stand clear{" "}
          {s.readyAt === null ? "if it is ever warm enough" : aboutDay(s.readyAt, view.at)}. Then draw it again, and
          what is left is judged anew.
        </p>
      ) : null}
      {v.litres > 0.05 ? (
        <>
          <FateBar
            label={`Of ${units.litres(v.litres)}: ${units.litres(heel.oilLitres)} oil, ${units.litres(heel.fatLitres)} fat, ${units.litres(heel.waterLitres)} water, ${units.litres(heel.sludgeLitres)} sludge.`}
            usableShare={heel.oilLitres / v.litres}
            waterShare={heel.waterLitres / v.litres}
            sludgeShare={heel.sludgeLitres / v.litres}
            fatShare={heel.fatLitres / v.litres}
          />
          <dl>
            <Row name="Oil" value={units.litres(heel.oilLitres)} />
            <Row
              name={`Fat, ${formatNumber(heel.fatShare * 100, 0)} % of its oil`}
              value={units.litres(heel.fatLitres)}
            />
            <Row name="Water" value={units.litres(heel.waterLitres)} />
            <Row name="Sludge" value={units.litres(heel.sludgeLitres)} />
          </dl>
        </>
      ) : null}
      <h3 className="mt-2 text-[16px] font-semibold">Pool what drums keep</h3>
      {others.length === 0 ? (
        <p className="text-[14px] text-ink-2">No drum stands drawn with a heel in it.</p>
      ) : (
        <div className="mt-1 flex flex-wrap gap-2">
          {others.map((o) => (
            <Button
              key={o.vessel.id}
              disabled={room < 0.5}
              onClick={() => log.open("pour", { from: o.vessel.id, to: v.vessel.id })}
            >
              {o.vessel.name}, {units.litres(o.litres)}
            </Button>
          ))}
        </div>
      )}
      {room < 0.5 ? <p className="mt-1 text-[14px] text-stop">{v.vessel.name} is full.</p> : null}
      <div className="mt-3 grid grid-cols-2 gap-2">
        {hasKettle ? (
          <Button
            look={heel.fate === "kettle" ? "go" : "plain"}
            disabled={v.litres < 0.05}
            onClick={() => log.open("pour", { from: v.vessel.id, toRole: "kettle" })}
          >
            To the kettle
          </Button>
        ) : null}
        <Button
          look={heel.fate === "disposal" ? "go" : "plain"}
          disabled={v.litres < 0.05}
          onClick={() => log.open("dispose", { from: v.vessel.id })}
        >
          Dispose
        </Button>
      </div>
      <div className="mt-3">
        <Caution>
          Sludge and water go where your local rules say, never down a drain. Rags lie flat or under water.
        </Caution>
      </div>
    </>
  );
}
