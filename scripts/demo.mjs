// npm run demo [-- --port 4000]: everything from nothing to a working rack with the demo bikes on it.
import { spawn } from "node:child_process";
import { ensureBuild, ensurePackages, environment, freePort, root, tool } from "./lib/ready.mjs";

const given = process.argv.indexOf("--port");
const wanted = given > 0 ? Number(process.argv[given + 1]) : Number(process.env.PORT ?? 3000);
if (!Number.isInteger(wanted) || wanted < 1 || wanted > 65535) {
  console.error("--port takes a whole number from 1 to 65535");
  process.exit(1);
}
ensurePackages();
ensureBuild();
const port = await freePort(wanted);
const server = spawn(tool("next"), ["start", "-p", String(port)], {
  cwd: root,
  env: environment,
  stdio: ["ignore", "pipe", "inherit"],
});
let told = false;
server.stdout.on("data", (data) => {
  if (told || !/ready/i.test(String(data))) return;
  told = true;
  console.log(
    `\nOdd Spoke is at http://localhost:${port}\nThe demo bikes are put on the rack the first time a browser opens it. Ctrl-C stops it.`,
  );
});
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
server.on("exit", (code) => process.exit(code ?? 0));
