import { intoHose, newPart, type Rig } from "../rig";
import type { Lesson } from "./lesson";

const USUAL = {
  ambientCelsius: 8,
  oilLitres: 40,
  dieselLitres: 30,
  leftOilShare: 0,
  dieselTaint: 0,
  faults: [],
  driveMinutes: 35,
  nightCelsius: 3,
} as const;

const BOOST_WATTS = 150;

/** A boost heater behind the supply valve of a loop, where only what is burned goes through; null without a loop. */
function withBoostHeater(rig: Rig): Rig | null {
  const supply = rig.hoses.find((h) => h.from === "supply.common");
  const isLoop = rig.parts.some((p) => p.kind === "tee" && supply?.to.startsWith(`${p.id}.`));
  if (!supply || !isLoop) return null;
  return intoHose(rig, supply.id, {
    ...newPart(rig, "heater"),
    kind: "heater",
    name: "Boost heater",
    watts: BOOST_WATTS,
    litres: 0.01,
  });
}

/** Every lesson on the vehicle, in the order one takes them. A new one is a line here. */
export const LESSONS: readonly Lesson[] = [
  {
    ...USUAL,
    id: "first",
    name: "First drive",
    task: "Start on diesel, switch when the oil is hot and thin, purge, and leave it on diesel.",
    teaches: "Warm, return out of the way, supply to oil; back the other way round, with a wait between.",
  },
  {
    ...USUAL,
    id: "cold-night",
    name: "A stop before a frost",
    task: "As before, and tonight it freezes hard. Leave a line that starts in the morning.",
    teaches: "The colder the night, the less oil may stay: purge longer before the return is turned.",
    ambientCelsius: -4,
    nightCelsius: -14,
  },
  {
    ...USUAL,
    id: "thermostat",
    name: "It does not get warm",
    task: "A short winter errand. Drive it as well as it can be driven.",
    teaches: "A thermostat stuck open holds the engine cool: the gate never opens. One stays on diesel, and mends it.",
    ambientCelsius: -2,
    faults: [{ fault: "thermostat-stuck", celsius: 56 }],
    driveMinutes: 30,
  },
  {
    ...USUAL,
    id: "no-power",
    name: "The lamp goes out",
    task: "A usual drive. Keep an eye on the line.",
    teaches:
      "Without power the solenoids rest on diesel, and what stands in the line comes back to the diesel tank. Put the switch where the valves are, and mend the fuse.",
    faults: [{ fault: "no-power", fromMinute: 22 }],
  },
  {
    ...USUAL,
    id: "left-over",
    name: "Somebody drove it before you",
    task: "You are handed the keys of a warm engine. Drive it half an hour.",
    teaches: "Look at every valve before the engine turns: a return left over fills one tank from the other.",
    leftAt: "return-over",
    oilLitres: null,
    oilRoomLitres: 6,
  },
  {
    ...USUAL,
    id: "choke",
    name: "It loses power",
    task: "The first fills on an old tank. Keep the engine fed.",
    teaches: "Loosened deposits choke the filter: watch its drop, fall back to diesel, change it, and go on.",
    faults: [{ fault: "filter-chokes", kPaPerLitre: 14 }],
    driveMinutes: 45,
  },
  {
    ...USUAL,
    id: "air",
    name: "New lines",
    task: "The loop was taken apart and is together again. Start it.",
    teaches: "Air stands in new lines: prime until none comes, before the engine has to swallow it.",
    faults: [{ fault: "air-in-lines", share: 0.9 }],
    driveMinutes: 25,
  },
  {
    ...USUAL,
    id: "cold-soak",
    name: "It stood on oil",
    task: "It was stopped on oil last night, and it is well below freezing. Get it running without hurting the pump.",
    teaches:
      "A line full of cold oil is thicker than the pump bears. Back-purge or bleed it with diesel first, if the loop can.",
    ambientCelsius: -9,
    nightCelsius: -9,
    leftOilShare: 0.8,
  },
  {
    ...USUAL,
    id: "overheat",
    name: "Idling with the heater on",
    task: "This one has a boost heater behind the supply valve. A long wait at tick-over: get onto oil, and let no fuel get too hot.",
    teaches:
      "An electric heater gives the same watts to the least of flows: round a loop only what is burned goes through it, and at tick-over that boils. The heater is for starting, and off once the coolant warms.",
    fits: withBoostHeater,
    burnShare: 0.25,
  },
  {
    ...USUAL,
    id: "overflow",
    name: "A tank full to the brim",
    task: "The oil tank was just filled. Drive, and purge before you stop.",
    teaches: "What a purge pushes into the oil tank needs room there: leave it before you fill, or burn some first.",
    oilLitres: null,
    oilRoomLitres: 1,
    driveMinutes: 25,
  },
  {
    ...USUAL,
    id: "tainted",
    name: "Oil in the diesel tank",
    task: "A cold start. Something is not as it should be: find it before it costs you.",
    teaches: "A diesel tank with oil in it starts thick: warm it, thin it, and find the valve that let the oil in.",
    ambientCelsius: -8,
    dieselTaint: 0.45,
    driveMinutes: 25,
    nightCelsius: -8,
  },
  {
    ...USUAL,
    id: "gel",
    name: "Flakes in the cold",
    task: "It froze hard over night, and the blend in the start tank was mixed for autumn. Get away without starving it.",
    teaches:
      "What has fallen out fills the filter as fast as it is drawn: start, watch the drop, stop before it starves, change the filter, and let the warmth of the engine melt the rest before you go on.",
    ambientCelsius: -7,
    nightCelsius: -7,
    faults: [{ fault: "gel", clearsCelsius: 25, kPaPerLitre: 9 }],
    driveMinutes: 30,
  },
  {
    ...USUAL,
    id: "dry",
    name: "The last of the oil",
    task: "There is little left in the oil tank. Use it up, and do not let the engine draw air.",
    teaches: "A tank that runs dry gives air, and air stops the engine: change over with a litre left.",
    oilLitres: 2.6,
    driveMinutes: 40,
  },
];
