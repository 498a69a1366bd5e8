import { calculateAny, calculationNamed, isCalculation } from "@/core/calculations";
import { readBody } from "./body";
import type { HeavyDesk } from "./heavyDesk";
import { BROKEN, BUSY, NOT_JSON, problemOf, respond, TOO_LARGE, TOO_LONG } from "./problem";

const UNANSWERED = { busy: BUSY, "too-long": TOO_LONG, broken: BROKEN };

/** One calculation's answer to the JSON in the body; a heavy one is asked at its desk, so that it holds up nobody. */
export async function answerTo(name: string, request: Request, desk: HeavyDesk): Promise<Response> {
  if (!isCalculation(name)) return respond(problemOf({ code: "unknown-calculation", name }));
  const body = await readBody(request);
  if (body === null) return respond(TOO_LARGE);
  let input: unknown;
  try {
    input = JSON.parse(body);
  } catch {
    return respond(NOT_JSON);
  }
  const { heavy } = calculationNamed(name);
  const heard = heavy ? await desk.ask(name, input) : { code: "done" as const, answer: calculateAny(name, input) };
  if (heard.code !== "done") return respond(UNANSWERED[heard.code]);
  const { answer } = heard;
  return answer.ok ? Response.json(answer.value) : respond(problemOf(answer.error));
}
