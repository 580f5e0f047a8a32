import packageJson from '../../../../package.json';

export function GET(): Response {
  return Response.json({ status: 'ok', version: packageJson.version });
}
