import { expect, it } from "vitest";
import { Lanes } from "../../scripts/lanes.mjs";

/** Asks so many times, and keeps what is let in. */
function ask(lanes: Lanes, url: string, times: number): (() => void)[] {
  const inside: (() => void)[] = [];
  for (let n = 0; n < times; n++) lanes.enter(`${url}?n=${n}`, (leave) => inside.push(leave));
  return inside;
}

it("lets ten of one question in at once, whatever is asked after it", () => {
  expect(ask(new Lanes(), "/api/calc/round", 200)).toHaveLength(10);
});

it("holds up no other question, and takes the next of a lane as one leaves it, once", () => {
  const lanes = new Lanes();
  const heavy = ask(lanes, "/api/calc/round", 200);
  const light = ask(lanes, "/api/calc/heat", 1);
  expect(light).toHaveLength(1);
  heavy[0]?.();
  heavy[0]?.();
  expect(heavy).toHaveLength(11);
  for (let n = 0; n < heavy.length; n++) heavy[n]?.();
  expect(heavy).toHaveLength(200);
  expect(ask(lanes, "/api/calc/round", 12)).toHaveLength(10);
});
