import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { memoryRelay, type Relay } from '../../../../relay';
import { t } from '../../../../records/exchange/text';
import { problemResponse } from '../../_http/body';

/** Requests within so many seconds. */
const LIMITS = {
  /** Packages left or taken, of one address. */
  packages: { points: 60, duration: 60 },
  /** Messages of one channel: a workshop that sends its photos sends some 20 a second. */
  messages: { points: 600, duration: 10 },
  /** Channels followed anew, of one address. */
  follows: { points: 3000, duration: 60 },
} as const;

interface Served {
  readonly relay: Promise<Relay>;
  readonly limits: Readonly<Record<keyof typeof LIMITS, RateLimiterMemory>>;
}

/** One for all routes of a process, each of which is bundled by itself. */
const shared = globalThis as { rontelRelay?: Served | undefined };

function connect(): Promise<Relay> {
  const url = process.env.RONTEL_REDIS_URL;
  if (!url) return Promise.resolve(memoryRelay());
  // A server without Redis does not load its client.
  const relay = import('../../../../relay/redis-relay').then(({ redisRelay }) => redisRelay(url));
  // Whoever asks next tries anew.
  relay.catch(() => (shared.rontelRelay = undefined));
  return relay;
}

/** The relay of this process: in its memory, or in Redis where `RONTEL_REDIS_URL` names one. */
function theRelay(): Served {
  shared.rontelRelay ??= {
    relay: connect(),
    limits: {
      packages: new RateLimiterMemory(LIMITS.packages),
      messages: new RateLimiterMemory(LIMITS.messages),
      follows: new RateLimiterMemory(LIMITS.follows),
    },
  };
  return shared.rontelRelay;
}

/** Ids are 16 random bytes in base64url: nobody guesses one. */
const ID = /^[\w-]{22}$/;

/** The id that a request's path ends with, if the sender may ask now; else the response to send. */
async function admitted(
  request: Request,
  limit: keyof typeof LIMITS,
): Promise<{ readonly ok: true; readonly id: string } | { readonly ok: false; readonly response: Response }> {
  const id = new URL(request.url).pathname.split('/').at(-1) ?? '';
  const refuse = (problem: Parameters<typeof problemResponse>[0]) => ({
    ok: false as const,
    response: problemResponse(problem),
  });
  if (!ID.test(id)) return refuse({ title: t('relay.badId.title'), status: 400, detail: t('relay.badId.detail') });
  const sender = limit === 'messages' ? id : (request.headers.get('x-forwarded-for') ?? '');
  try {
    await theRelay().limits[limit].consume(sender);
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error;
    const seconds = Math.ceil(error.msBeforeNext / 1000);
    return refuse({ title: t('relay.tooMany.title'), status: 429, detail: t('relay.tooMany.detail', { seconds }) });
  }
  return { ok: true, id };
}

/** What the relay of this process holds; undefined where nobody has used it yet, or its store cannot be reached. */
export async function relayFigures(): Promise<ReturnType<Relay['figures']> | undefined> {
  const relay = await shared.rontelRelay?.relay.catch(() => undefined);
  return relay?.figures();
}

/** Answers by the relay, for a sender that may ask now; a store that cannot be reached is a problem like any other. */
export async function byRelay(
  request: Request,
  limit: keyof typeof LIMITS,
  answer: (relay: Relay, id: string) => Promise<Response>,
): Promise<Response> {
  try {
    const asked = await admitted(request, limit);
    return asked.ok ? await answer(await theRelay().relay, asked.id) : asked.response;
  } catch (error) {
    console.error(error);
    return problemResponse({ title: t('failed.title'), status: 500, detail: t('failed.detail') });
  }
}

export const fullResponse = () =>
  problemResponse({ title: t('relay.full.title'), status: 503, detail: t('relay.full.detail') });
