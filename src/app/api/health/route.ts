import packageJson from '../../../../package.json';
import { relayFigures } from '../relay/_server/the-relay';
import { handlers } from '../_http/methods';

/** Whether the server answers, its version, and what its relay holds. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  GET: async () => {
    const relay = await relayFigures();
    return Response.json({ status: 'ok', version: packageJson.version, ...(relay && { relay }) });
  },
});
