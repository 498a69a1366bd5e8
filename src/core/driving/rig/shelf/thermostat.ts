import { HEATED, heatedSupply, hosesThrough, type ShelfRig, threeWay } from "./arrangement";

/** A thermostat turns to oil and back; a switch overrides it, and it gives up when it gets too hot. */
export const thermostat = {
  id: "thermostat",
  name: "Thermostat with override",
  words:
    "To oil by itself when hot, back when it cools, back again when too hot. The switch forces either; purge is by hand.",
  rig: {
    parts: [
      ...HEATED,
      threeWay("supply", "Supply", "solenoid", "fuel", ["oil"]),
      threeWay("return", "Return", "solenoid", "fuel", ["oil", "purge"]),
    ],
    hoses: [...heatedSupply(), ...hosesThrough(["return.b", "oil.back"], 1000)],
    controls: [
      {
        id: "fuel",
        name: "Fuel",
        positions: ["diesel", "auto", "purge", "oil"],
        thermostat: { tripCelsius: 72, resetCelsius: 60, cutOutCelsius: 95 },
      },
    ],
  },
} as const satisfies ShelfRig;
