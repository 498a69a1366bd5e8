export { type Battery, type BatteryDay, batteryDay, type Load } from "./battery";
export { mostLitresPerMinute, type Suction, type SuctionHose, suction } from "./suction";
