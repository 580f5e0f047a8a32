import { t } from '../../../records/exchange/text';
import { problemResponse } from './body';

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
type Method = (typeof METHODS)[number];
type Handler = (request: Request) => Response | Promise<Response>;

/** Pages of these origins may ask, separated by commas; `*` for all. None but Rontel's own where it is not set. */
const allowedOrigins = () => (process.env.RONTEL_CORS_ORIGINS ?? '').split(',').map((origin) => origin.trim());

/** What a browser must be told so that a page of another origin may read the answer; nothing where it may not. */
function crossOrigin(request: Request): Readonly<Record<string, string>> {
  const origin = request.headers.get('origin');
  const allowed = allowedOrigins();
  if (!origin || !(allowed.includes(origin) || allowed.includes('*'))) return {};
  return {
    'access-control-allow-origin': allowed.includes('*') ? '*' : origin,
    'access-control-expose-headers': 'etag, retry-after',
    'cross-origin-resource-policy': 'cross-origin',
    vary: 'origin',
  };
}

/** The handlers of a route, one for each method: those that it has, a refusal for others, and the answer to a browser's inquiry. */
export function handlers(
  own: Readonly<Partial<Record<Method, Handler>>>,
): Readonly<Record<Method | 'OPTIONS', (request: Request) => Promise<Response>>> {
  const has = METHODS.filter((method) => own[method]);
  const allow = [...has, ...(own.GET ? ['HEAD'] : []), 'OPTIONS'].join(', ');
  const preflight = (request: Request) =>
    Promise.resolve(
      new Response(null, {
        status: 204,
        headers: {
          allow,
          ...crossOrigin(request),
          'access-control-allow-methods': has.join(', '),
          'access-control-allow-headers': 'content-type, content-encoding, if-none-match',
          'access-control-max-age': '86400',
        },
      }),
    );
  const refused: Handler = () => {
    const response = problemResponse({
      title: t('wrongMethod.title'),
      status: 405,
      detail: t('wrongMethod.detail', { allow: has.join(', ') }),
    });
    response.headers.set('allow', allow);
    return response;
  };
  const answered =
    (handler: Handler) =>
    async (request: Request): Promise<Response> => {
      const response = await handler(request);
      for (const [name, value] of Object.entries(crossOrigin(request))) response.headers.set(name, value);
      return response;
    };
  const all = METHODS.map((method) => [method, answered(own[method] ?? refused)] as const);
  return {
    ...(Object.fromEntries(all) as Record<Method, (request: Request) => Promise<Response>>),
    OPTIONS: preflight,
  };
}
