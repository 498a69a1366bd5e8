import { type ComponentId, componentName } from "@/core/fluids";
import type { YardView } from "@/core/view";

/** Names of the things that entries and errors speak of, as the yard calls them. */
export const nameOf = (view: YardView, id: string): string => view.names[id] ?? (MADE_ID.test(id) ? "The new one" : id);
/** As things that a person adds are numbered; one that is being added has no name in the book yet. */
const MADE_ID = /^[0-9A-HJKMNP-TV-Z]{26}$/;

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
