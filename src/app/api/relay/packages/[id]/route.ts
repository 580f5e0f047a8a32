import { RELAY_BOUNDS } from '../../../../../relay';
import { t } from '../../../../../records/exchange/text';
import { problemResponse, readBytes } from '../../../_http/body';
import { handlers } from '../../../_http/methods';
import { byRelay, fullResponse } from '../../_server/the-relay';

/** A package for another device: left once, taken once, within ten minutes. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  PUT: (request) =>
    byRelay(request, 'packages', async (relay, id) => {
      const body = await readBytes(request, RELAY_BOUNDS.packageBytes);
      if (!body.ok) return body.response;
      const result = await relay.leave(id, body.value);
      if (result === 'full') return fullResponse();
      if (result === 'idTaken')
        return problemResponse({ title: t('relay.taken.title'), status: 409, detail: t('relay.taken.detail') });
      return Response.json({ seconds: RELAY_BOUNDS.packageMs / 1000 }, { status: 201 });
    }),
  // A link that is looked at must not take the package: taking is a POST.
  POST: (request) =>
    byRelay(request, 'packages', async (relay, id) => {
      const bytes = await relay.take(id);
      if (!bytes) return problemResponse({ title: t('relay.gone.title'), status: 404, detail: t('relay.gone.detail') });
      return new Response(Buffer.from(bytes), {
        headers: { 'content-type': 'application/octet-stream', 'cache-control': 'no-store' },
      });
    }),
});
