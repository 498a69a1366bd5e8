import { spawn } from "node:child_process";
import { createServer, type Server } from "node:net";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";

/** One yard, one address: the scripts that serve it, asked as a shell asks them. */
let taken: Server;
let port = 0;
beforeAll(async () => {
  taken = createServer();
  await new Promise<void>((listening) => taken.listen(0, "127.0.0.1", listening));
  const address = taken.address();
  port = typeof address === "object" && address ? address.port : 0;
});
afterAll(() => void taken.close());

const asked = (isHome: boolean, env: Record<string, string>): Promise<{ code: number | null; said: string }> =>
  new Promise((done) => {
    const lib = join(import.meta.dirname, "../../scripts/lib.mjs");
    const ask = `import(${JSON.stringify(lib)}).then(async (l) => console.log(await l.portFromEnv(${port}, ${isHome})))`;
    const child = spawn(process.execPath, ["-e", ask], { env: { ...process.env, PORT: "", ...env } });
    let said = "";
    for (const stream of [child.stdout, child.stderr]) stream.on("data", (text) => (said += text));
    child.on("close", (code) => done({ code, said }));
  });

it("a taken port is said, not walked round: another port would open another, empty yard", async () => {
  const { code, said } = await asked(true, {});
  expect(code).toBe(1);
  expect(said).toContain(`Your yard lives at http://127.0.0.1:${port}`);
  expect(said).toContain(`PORT=${port + 1}`);
});

it("the demo goes where there is room, and a port that was asked for is taken or refused", async () => {
  const demo = await asked(false, {});
  expect(demo.code).toBe(0);
  expect(Number(demo.said)).toBeGreaterThan(port);
  expect(await asked(true, { PORT: String(port) })).toMatchObject({ code: 1 });
  expect(await asked(true, { PORT: "seven" })).toMatchObject({ code: 1 });
});
