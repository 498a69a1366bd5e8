// node scripts/server.mjs PORT: serves what was built, on this machine only, each question in a lane of its own.
import { createServer } from "node:http";
import { join } from "node:path";
import next from "next";
import { Lanes } from "./lanes.mjs";

const HOST = "127.0.0.1";
const port = Number(process.argv[2]);
const app = next({ dev: false, dir: join(import.meta.dirname, ".."), hostname: HOST, port });
await app.prepare();
const handle = app.getRequestHandler();
const lanes = new Lanes();

const server = createServer((request, response) => {
  lanes.enter(request.url ?? "/", (leave) => {
    response.once("close", leave);
    // Who went away while waiting is not answered.
    if (request.destroyed || response.destroyed) leave();
    else void handle(request, response);
  });
});
server.listen(port, HOST);
for (const signal of ["SIGINT", "SIGTERM"])
  process.once(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
