import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { calculateAny, EVERY_CALCULATION } from "@/core/calculations";
import { answerTo } from "./answer";
import { GET as describeOne } from "./calc/[name]/route";
import { GET as list } from "./calc/route";
import { openApiDocument } from "./document";
import { HeavyDesk } from "./heavyDesk";

const at = (name: string) => ({ params: Promise.resolve({ name }) });
/** The server's desk with a hand on this thread. */
const desk = new HeavyDesk(() => ({
  run: async ({ name, input }) => calculateAny(name, input),
  stop: () => undefined,
}));
const post = (name: string, body: BodyInit, headers: Record<string, string> = {}) =>
  answerTo(
    name,
    new Request(`http://127.0.0.1/api/calc/${name}`, { method: "POST", body, headers, duplex: "half" } as RequestInit),
    desk,
  );

async function refused(response: Response): Promise<{ status: number; title: string; errors?: { pointer: string }[] }> {
  expect(response.headers.get("content-type")).toBe("application/problem+json");
  const body = (await response.json()) as { status: number; title: string };
  expect(body.status).toBe(response.status);
  return body;
}

describe("POST /api/calc/<name>", () => {
  it.each(EVERY_CALCULATION.map((c) => [c.name, c] as const))("%s answers its example", async (name, c) => {
    const response = await post(name, JSON.stringify(c.example));
    expect(response.status).toBe(200);
    expect(c.output.safeParse(await response.json()).success).toBe(true);
  });
  it("says what is wrong and where", async () => {
    expect(await refused(await post("heat", "{"))).toMatchObject({ status: 400, title: "Not JSON" });
    expect(await refused(await post("heat", ""))).toMatchObject({ status: 400, title: "Not JSON" });
    expect(await refused(await post("heaven", "{}"))).toMatchObject({ status: 404 });
    expect(await refused(await post("heat", JSON.stringify({ fluid: "canola", limitMm2PerS: "thin" })))).toMatchObject({
      status: 400,
      errors: [{ pointer: "/limitMm2PerS", detail: "must be a number" }],
    });
    expect(await refused(await post("fining", JSON.stringify({ oilLitres: 50, oilCelsius: 90 })))).toMatchObject({
      status: 400,
      title: "Out of range",
      errors: [{ pointer: "/oilCelsius" }],
    });
    const overdrawn = { moves: [{ from: "drum", to: null, litres: 5 }] };
    expect(await refused(await post("ledger", JSON.stringify(overdrawn)))).toMatchObject({
      errors: [{ pointer: "/moves/0/litres" }],
    });
  });
  it("reads no more than 64 kB, whether the length is said or not", async () => {
    const large = JSON.stringify({ fluid: "canola", note: "x".repeat(70_000) });
    expect(await refused(await post("heat", large))).toMatchObject({ status: 413 });
    let sent = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        sent++;
        controller.enqueue(new Uint8Array(8192).fill(32));
      },
    });
    expect(await refused(await post("heat", endless))).toMatchObject({ status: 413 });
    expect(sent).toBeLessThan(20);
  });
  it("answers any JSON at all with an answer or a problem, never otherwise", async () => {
    const names = fc.constantFrom(...EVERY_CALCULATION.map((c) => c.name));
    await fc.assert(
      fc.asyncProperty(names, fc.json(), async (name, body) => {
        const { status } = await post(name, body);
        expect([200, 400, 413]).toContain(status);
      }),
      { numRuns: 300 },
    );
  });
  it("finds every field that is left out or of the wrong kind", async () => {
    for (const c of EVERY_CALCULATION) {
      const example = c.example as Record<string, unknown>;
      for (const field of Object.keys(example)) {
        const spoiled = { ...example, [field]: { not: "this" } };
        const refusal = await refused(await post(c.name, JSON.stringify(spoiled)));
        expect(
          refusal.errors?.some((e) => e.pointer.startsWith(`/${field}`)),
          `${c.name} ${field}`,
        ).toBe(true);
      }
    }
  });
  it("takes anything that JSON can say without falling over", async () => {
    const odd = [
      "null",
      "[]",
      "0",
      '"x"',
      '{"__proto__":{"fluid":"canola"}}',
      `${"[".repeat(20_000)}${"]".repeat(20_000)}`,
    ];
    for (const body of odd)
      for (const name of ["heat", "ledger", "round", "reaction"]) expect((await post(name, body)).status).toBe(400);
  });
});

describe("what there is", () => {
  it("lists every calculation, and describes one", async () => {
    const { calculations } = (await list().json()) as { calculations: { name: string; href: string }[] };
    expect(calculations.map((c) => c.name)).toEqual(EVERY_CALCULATION.map((c) => c.name));
    expect(calculations[0]?.href).toBe(`/api/calc/${calculations[0]?.name}`);
    const described = await describeOne(new Request("http://127.0.0.1/"), at("purge"));
    expect(await described.json()).toMatchObject({ name: "purge", answer: "residual" });
    expect((await describeOne(new Request("http://127.0.0.1/"), at("nothing"))).status).toBe(404);
  });
  it("is an OpenAPI 3.1 document with every route, its input, answer and refusals", () => {
    const document = openApiDocument();
    expect(document.openapi).toBe("3.1.0");
    expect(Object.keys(document.paths ?? {})).toHaveLength(EVERY_CALCULATION.length);
    const upflow = document.paths?.["/api/calc/upflow"]?.post;
    expect(upflow?.requestBody).toMatchObject({
      content: { "application/json": { schema: { properties: { areaM2: { "x-unit": "m²", maximum: 100 } } } } },
    });
    expect(Object.keys(upflow?.responses ?? {})).toEqual(["200", "400", "403", "413", "415", "421"]);
    expect(Object.keys(document.paths?.["/api/calc/round"]?.post?.responses ?? {})).toContain("503");
    expect(document.components?.schemas).toHaveProperty("Problem");
    // Every reference leads somewhere.
    const text = JSON.stringify(document);
    for (const [, name] of text.matchAll(/"#\/components\/schemas\/([^"]+)"/g))
      expect(document.components?.schemas).toHaveProperty(name ?? "");
  });
});
