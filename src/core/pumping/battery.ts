/** Something that runs off a battery. */
export interface Load {
  readonly watts: number;
  readonly minutes: number;
}

export interface Battery {
  readonly volts: number;
  readonly ampereHours: number;
  /** How much of it may be drawn, with the owner's own allowance for losses. */
  readonly usableShare: number;
}

export interface BatteryDay {
  readonly needWh: number;
  readonly usableWh: number;
  readonly panelWh: number;
  /** Of the usable part, 0 to 1, after all of it has run and the panel has given what it gives. */
  readonly shareLeft: number;
  /** All loads at once from full, without a panel; null where nothing draws. */
  readonly minutesUntilFlat: number | null;
}

/** What the day's loads leave of a battery. No losses: the owner's allowance is in the usable share. Source: physics §4. */
export function batteryDay(loads: readonly Load[], battery: Battery, panelWatts: number, sunHours: number): BatteryDay {
  let [needWh, watts] = [0, 0];
  for (const load of loads) {
    needWh += (load.watts * load.minutes) / 60;
    watts += load.watts;
  }
  const usableWh = battery.volts * battery.ampereHours * battery.usableShare;
  const panelWh = panelWatts * sunHours;
  const left = (usableWh + panelWh - needWh) / usableWh;
  const minutes = (usableWh / watts) * 60;
  return {
    needWh,
    usableWh,
    panelWh,
    shareLeft: Math.min(1, Math.max(0, left)),
    minutesUntilFlat: Number.isFinite(minutes) ? minutes : null,
  };
}
