export { DIRT, type DirtClass, type DirtDensity, type DirtKind, dirtKgPerM3 } from "./dirt";
export { fallMmAt, fallRateMmPerHour, hoursToFall, type TemperaturePoint } from "./fall";
export { type ClassFront, forecastSettling, type SettlingForecast, type SettlingQuestion } from "./forecast";
export { type DipLines, type Layer, type LayerKind, layersOf, muckTopMm } from "./layers";
export { oilOf, type SettlingOil } from "./oil";
export { stokesVelocityMPerS } from "./stokes";
