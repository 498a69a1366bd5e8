import { fluidName, isFluidId } from "@/core/fluids";

const CLASSES: Readonly<Record<string, string>> = { vegetable: "vegetable oil", fat: "fat", engine: "engine oil" };

/** What a fluid is to an engine, in a sentence. */
export const fuelClassWords = (c: string): string => CLASSES[c] ?? (isFluidId(c) ? fluidName(c).toLowerCase() : c);
