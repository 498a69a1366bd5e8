/** Whether to run on oil now: both the gate and the pump's limit must hold. */
export type SwitchVerdict =
  | { readonly code: "on-oil" }
  | { readonly code: "too-cool"; readonly missingK: number }
  | { readonly code: "too-thick"; readonly nuMm2PerS: number; readonly limitMm2PerS: number };

/**
 * Switch to oil when the fuel at the pump has its gate temperature **and** is thin enough; fall back to diesel as soon
 * as either fails. A gate alone would pass a thick fuel. Source: physics §6.
 */
export function switchVerdict(
  fuelCelsius: number,
  gateCelsius: number,
  nuMm2PerS: number,
  limitMm2PerS: number,
): SwitchVerdict {
  if (fuelCelsius < gateCelsius) return { code: "too-cool", missingK: gateCelsius - fuelCelsius };
  if (nuMm2PerS > limitMm2PerS) return { code: "too-thick", nuMm2PerS, limitMm2PerS };
  return { code: "on-oil" };
}
