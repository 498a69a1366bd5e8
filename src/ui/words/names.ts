import { type ComponentId, componentName } from "@/core/fluids";
import type { YardView } from "@/core/view";

/** Names of the things that entries and errors speak of, as the yard calls them. */
export const nameOf = (view: YardView, id: string): string => view.names[id] ?? id;

/** "canola", or "canola mix" where something else of note is in it. */
export function mostlyWords(components: readonly { component: ComponentId; litres: number }[]): string {
  const total = components.reduce((sum, c) => sum + c.litres, 0);
  const named = components.filter((c) => c.litres > 0.03 * total);
  const first = named[0] ? componentName(named[0].component).toLowerCase() : "empty";
  return named.length > 1 ? `${first} mix` : first;
}

/** "canola", "canola and kerosene", "canola, soybean and 2 more": what is in a vessel, most first. */
export function contentsWords(components: readonly { component: ComponentId; litres: number }[]): string {
  const total = components.reduce((sum, c) => sum + c.litres, 0);
  const named = components.filter((c) => c.litres > 0.02 * total).map((c) => componentName(c.component).toLowerCase());
  if (named.length === 0) return "empty";
  if (named.length <= 2) return named.join(" and ");
  return `${named.slice(0, 2).join(", ")} and ${named.length - 2} more`;
}

export const OUTCOME_WORDS = {
  taken: "taken",
  refused: "refused",
  closed: "closed",
  nothing: "nothing there",
} as const;
