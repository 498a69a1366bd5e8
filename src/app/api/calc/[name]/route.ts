import { calculationNamed, describeCalculation, isCalculation } from "@/core/calculations";
import { answerTo } from "../../answer";
import { HeavyDesk } from "../../heavyDesk";
import { problemOf, respond } from "../../problem";
import { startThread } from "../../thread";

interface Context {
  readonly params: Promise<{ readonly name: string }>;
}

/** One for the server: its threads are started when something heavy is asked. */
const desk = new HeavyDesk(startThread);

/** One calculation's answer to the JSON in the body. */
export const POST = async (request: Request, { params }: Context): Promise<Response> =>
  answerTo((await params).name, request, desk);

/** What the calculation is, in full. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { name } = await params;
  if (!isCalculation(name)) return respond(problemOf({ code: "unknown-calculation", name }));
  return Response.json(describeCalculation(calculationNamed(name)));
}
