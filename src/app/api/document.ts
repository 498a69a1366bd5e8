import { createDocument, type ZodOpenApiOperationObject } from "zod-openapi";
import { type AnyCalculation, EVERY_CALCULATION } from "@/core/calculations";
import * as z from "@/core/zod";

const Problem = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.number().int(),
    detail: z.string(),
    errors: z.array(z.object({ pointer: z.string(), detail: z.string() })).optional(),
  })
  .meta({ id: "Problem", description: "RFC 9457; each error names its field by a JSON pointer." });

const problem = (description: string) => ({
  description,
  content: { "application/problem+json": { schema: Problem } },
});

const operation = (c: AnyCalculation): ZodOpenApiOperationObject => ({
  operationId: c.name,
  tags: [c.room],
  summary: c.title,
  description: `${c.equation}\n\nSource: ${c.source}\n\nRange: ${c.range}`,
  requestBody: { required: true, content: { "application/json": { schema: c.input, example: c.example } } },
  responses: {
    "200": { description: "The answer", content: { "application/json": { schema: c.output } } },
    "400": problem("Bad JSON, wrong input, out of range, or no answer"),
    "403": problem("Asked from a page of another site"),
    "413": problem("A body over 64 kB"),
    "415": problem("Not JSON by its type; a command line's form type, or none, is taken"),
    "421": problem("Asked by another name than this machine's own"),
    ...(c.heavy && { "503": problem("Too many heavy questions at once, or it took too long") }),
  },
});

/** The routes of every calculation as OpenAPI 3.1, from the schemas that check them. */
export const openApiDocument = () =>
  createDocument({
    openapi: "3.1.0",
    info: {
      title: "Brisk Barrel calculations",
      version: "1",
      description:
        "The arithmetic of making fuel at home. Temperatures in °C, volumes in litres at 15 °C unless named otherwise; the unit is in the field's name and in x-unit.",
    },
    paths: Object.fromEntries(EVERY_CALCULATION.map((c) => [`/api/calc/${c.name}`, { post: operation(c) }])),
  });
