import type { BrowserContext } from "@playwright/test";

/** What a page does not offer and its trials need: shared by the tests and the soak. */

/** Remembers every worker that pages of a context start, so that the newest can be killed. */
export async function rememberWorkers(context: BrowserContext): Promise<void> {
  await context.addInitScript(() => {
    const born: Worker[] = [];
    Object.assign(window, { born });
    window.Worker = class extends Worker {
      constructor(...args: ConstructorParameters<typeof Worker>) {
        super(...args);
        born.push(this);
      }
    };
  });
}

/** A round of so many stops that planning it takes seconds. */
export const longRound = (count: number) => ({
  home: { eastKm: 0, northKm: 0 },
  stops: Array.from({ length: count }, (_, i) => ({
    eastKm: Math.cos(i) * i,
    northKm: Math.sin(i * 1.7) * i,
    litres: 20 + i,
    valuePerLitre: 0.5 + (i % 7) / 5,
    minutesThere: 10,
  })),
  limits: { hours: 200, payloadKg: 5000, containerLitres: 5000, settlingRoomLitres: 5000, costPerKm: 0.01 },
});
