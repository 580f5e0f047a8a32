import packageJson from '../../../../package.json';
import { handlers } from '../_http/methods';

/** Whether the server answers, and its version. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  GET: () => Response.json({ status: 'ok', version: packageJson.version }),
});
