import type { Need, Refusal } from "@/core/interlocks";
import { formatFigure, formatMinutes, formatNumber } from "@/core/units";
import type { Units } from "./units";

const percent = (share: number): string => `${formatFigure(share * 100)} %`;

/** Why a step is not offered, and what to do in its place. */
export function wordInterlock(r: Refusal, units: Units): string {
  switch (r.code) {
    case "petrol-in-centrifuge":
      return "Petrol never goes into a centrifuge: it sprays vapour round a hot, fast bowl.";
    case "petrol-heated":
      return "Nothing with petrol in it is heated, not even a little of it.";
    case "petrol-in-kettle":
      return "Nothing with petrol in it goes into a kettle.";
    case "petrol-by-air":
      return "Petrol is never pushed with compressed air: the mist burns. Let it run by its own weight.";
    case "petrol-by-brush-motor":
      return "A pump motor with brushes sparks inside. Move petrol by hand or by its own weight.";
    case "petrol-mixed-in-vehicle":
      return "Petrol blends stand a day and are drained outside the vehicle first. Mix them in a can, never in its tank.";
    case "neat-petrol-into-vehicle":
      return `This is ${percent(r.petrolShare)} petrol. Mix it with oil in a can, let it stand a day, drain it, and then fill.`;
    case "methanol-hot-and-open":
      return "Methanol over 60 °C needs a closed vessel with a condenser.";
    case "caustic-eats-metal":
      return "Lye and methoxide eat aluminium, zinc, tin, copper and brass. Use steel, stainless steel or polyethylene.";
    case "caustic-swells-rubber":
      return "Lye and methoxide swell rubber hoses and seals. Use polyethylene or another that bears them.";
    case "near-flash":
      return `It flashes at ${units.celsius(r.flashCelsius)}: nothing open is heated to within 10 degrees of that.`;
    case "water-into-hot-oil":
      return `The oil there is at ${units.celsius(r.celsius)}. Water or wet oil in it boils over: let it cool to ${units.celsius(r.mostCelsius)}.`;
    case "not-rated-for-pressure":
      return "This vessel is not made for pressure. Let it run by its own weight, or use one that is rated and say so in the shed.";
    case "over-pressure":
      return `${units.pascals(r.pressurePa)} is over what the weakest part bears, ${units.pascals(r.weakestPa)}.`;
    case "battery-acid":
      return `Sulfuric acid of ${percent(r.leastPurity)} at the least: battery acid is mostly water.`;
    case "creamy-into-vehicle":
      return `This is ${percent(r.fatShare)} creamy fat, over your ${percent(r.limitShare)}. It sets in a cold tank: let it stand, and draw what clears above its fat.`;
    case "receiver-overflows":
      return `It would run over by ${units.litres(r.overLitres)}, after ${formatMinutes(r.inHours * 60)}.`;
    case "battery-dies":
      return `The battery lasts ${formatMinutes(r.afterHours * 60)}, the flow ${formatMinutes(r.needsHours * 60)}.`;
  }
}

/** What a step needs first, as a thing to have or do. */
export function wordNeed(n: Need): string {
  switch (n.code) {
    case "bond-and-earth":
      return "Bond the cans to each other and earth them: petrol charges itself as it runs.";
    case "vented-cap":
      return "A vented cap: the vapour must not build up.";
    case "outdoors":
      return "Outdoors, no flame, no sparks, nobody downwind.";
    case "methanol-poison":
      return "Methanol is poison through skin and lungs and burns with a flame you cannot see. Keep its drum closed.";
    case "stand-and-drain-first":
      return "It must have stood a day and been drained of what fell out.";
    case "goggles-and-gloves":
      return "Goggles and long gloves on, water to rinse with at hand.";
    case "lye-into-methanol":
      return "Lye goes into the methanol, a little at a time. Never water on lye.";
    case "acid-into-liquid-slowly":
      return "Acid goes into the liquid, slowly, never the other way round.";
    case "closed-condenser":
      return "A closed condenser with its vent outdoors.";
    case "engine-oil-gloves":
      return "Gloves: used engine oil causes cancer and holds heavy metals. Its sludge goes to a recycler.";
    case "know-the-material":
      return "Know what the vessel is made of: lye eats aluminium, zinc, tin, copper and brass.";
    case "hot-liquid":
      return "It is hot: cover your arms, and never leave it.";
    case "alarm-before":
      return `Set an alarm: it ends in about ${n.endsInHours < 1 ? formatMinutes(n.endsInHours * 60) : `${formatNumber(n.endsInHours, 1)} h`}.`;
  }
}
