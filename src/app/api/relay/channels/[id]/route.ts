import { RELAY_BOUNDS, type RelayMessage } from '../../../../../relay';
import { t } from '../../../../../records/exchange/text';
import { problemResponse, readBytes } from '../../../_http/body';
import { handlers } from '../../../_http/methods';
import { byRelay, fullResponse } from '../../_server/the-relay';

/** A line that says nothing, so that what stands between does not take the connection for dead. */
const HEARTBEAT_MS = 15_000;

/** A channel between paired devices: messages by POST, received as server-sent events. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  POST: (request) =>
    byRelay(request, 'messages', async (relay, id) => {
      const body = await readBytes(request, RELAY_BOUNDS.messageBytes);
      if (!body.ok) return body.response;
      const result = await relay.post(id, body.value);
      return result === 'full' ? fullResponse() : new Response(null, { status: 204 });
    }),
  GET: (request) =>
    byRelay(request, 'follows', async (relay, id) => {
      const end = new AbortController();
      request.signal.addEventListener('abort', () => end.abort());
      const after = request.headers.get('last-event-id') ?? undefined;
      const messages = await relay.follow(id, after, end.signal);
      if (messages === 'full') {
        const detail = t('relay.channelFull.detail', { most: RELAY_BOUNDS.followersOfOne });
        return problemResponse({ title: t('relay.channelFull.title'), status: 503, detail });
      }
      return new Response(eventsOf(messages, end), {
        headers: {
          'content-type': 'text/event-stream',
          // Packed, events would wait until there are enough of them.
          'cache-control': 'no-store, no-transform',
          'x-accel-buffering': 'no',
        },
      });
    }),
});

/** Messages as events, each when it is asked for, so that a slow device holds none of them in memory. */
function eventsOf(messages: AsyncIterable<RelayMessage>, end: AbortController): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  const iterator = messages[Symbol.asyncIterator]();
  let timer: NodeJS.Timeout | undefined;
  return new ReadableStream({
    start: (controller) => {
      // The answer begins at once.
      controller.enqueue(encoder.encode(': open\n\n'));
      timer = setInterval(() => controller.enqueue(encoder.encode(':\n\n')), HEARTBEAT_MS);
      end.signal.addEventListener('abort', () => clearInterval(timer));
    },
    pull: async (controller) => {
      const next = await iterator.next().catch((error: unknown) => {
        end.abort();
        throw error;
      });
      if (!next.done) {
        const data = Buffer.from(next.value.bytes).toString('base64');
        controller.enqueue(encoder.encode(`id: ${next.value.id}\ndata: ${data}\n\n`));
        return;
      }
      end.abort();
      controller.close();
    },
    cancel: () => end.abort(),
  });
}
