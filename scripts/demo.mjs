// npm run demo: everything from a fresh clone to the app on its demo workshop.
import { build, installPackages, portProblem, startServer } from './prepare.mjs';

const port = Number(process.env.PORT ?? 3000);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT ${process.env.PORT}: give a whole number from 1 to 65535, as in PORT=3001 npm run demo`);
  process.exit(1);
}
const refuse = (problem) => {
  console.error(
    `Port ${port} cannot be used (${problem}). Choose another: PORT=${port === 65535 ? 3000 : port + 1} npm run demo`,
  );
  process.exit(1);
};

// Asked first, for what follows can take minutes.
const problem = await portProblem(port);
if (problem) refuse(problem);

installPackages();
build();
const server = await startServer(port, 'demo').catch((error) => refuse(error.message));
const stop = () => server.kill();
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
server.on('exit', (code) => process.exit(code ?? 0));
console.log(`\nRontel is ready on its demo workshop; Ctrl C stops it.\nhttp://localhost:${port}`);
