import { type ChildProcess, spawn } from "node:child_process";
import { createServer } from "node:net";
import { join } from "node:path";

/** The built app, served by itself on a free port until it is killed. */
export async function serveApp(root: string): Promise<{ server: ChildProcess; port: number }> {
  const port = await freePort();
  const server = spawn(process.execPath, [join(root, "scripts/server.mjs"), String(port)], {
    cwd: root,
    stdio: "ignore",
    env: { ...process.env, NODE_ENV: "production" },
  });
  await untilAnswers(`http://127.0.0.1:${port}/api/calc`);
  return { server, port };
}

const freePort = (): Promise<number> =>
  new Promise((found) => {
    const s = createServer();
    s.listen(0, "127.0.0.1", () => {
      const address = s.address();
      s.close(() => found(typeof address === "object" && address ? address.port : 0));
    });
  });

async function untilAnswers(url: string): Promise<void> {
  for (let i = 0; i < 300; i++) {
    const answers = await fetch(url).then(
      (r) => r.ok,
      () => false,
    );
    if (answers) return;
    await new Promise((r) => setTimeout(r, 100));
  }
  throw new Error("the server did not answer in 30 s");
}
