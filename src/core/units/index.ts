export { type DistanceUnit, formatKilometres, parseKilometres } from "./distance";
export { formatMinutes, MS_PER_DAY, MS_PER_HOUR, parseMinutes } from "./duration";
export { formatNumber, formatReadable } from "./format";
export { formatMillimetres, parseMillimetres } from "./length";
export type { QuantityError } from "./parse";
export { parsePlain } from "./plain";
export { fail, ok, type Result } from "./result";
export { celsiusFromKelvin, formatCelsius, kelvin, parseCelsius, type TemperatureUnit } from "./temperature";
export { formatLitres, parseLitres, type VolumeUnit } from "./volume";
