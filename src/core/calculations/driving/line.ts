import { input, whole } from "../fields";

export const lineLitres = input("Line and filter hold", "L", 1e-3, 1000);
export const tanksInSeries = whole("Stirred tanks in series", "1", 1, 30);
export const flow = (title: string) => input(title, "L/min", 1e-4, 1000);
export const minutes = (title: string) => input(title, "min", 0, 10_000);
