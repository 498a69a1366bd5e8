import { calculateAny, calculationNamed, describeCalculation, isCalculation } from "@/core/calculations";
import { readBody } from "../../body";
import { NOT_JSON, problemOf, respond, TOO_LARGE } from "../../problem";

interface Context {
  readonly params: Promise<{ readonly name: string }>;
}

/** One calculation's answer to the JSON in the body. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const { name } = await params;
  if (!isCalculation(name)) return respond(problemOf({ code: "unknown-calculation", name }));
  const body = await readBody(request);
  if (body === null) return respond(TOO_LARGE);
  let input: unknown;
  try {
    input = JSON.parse(body);
  } catch {
    return respond(NOT_JSON);
  }
  const answer = calculateAny(name, input);
  return answer.ok ? Response.json(answer.value) : respond(problemOf(answer.error));
}

/** What the calculation is, in full. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { name } = await params;
  if (!isCalculation(name)) return respond(problemOf({ code: "unknown-calculation", name }));
  return Response.json(describeCalculation(calculationNamed(name)));
}
