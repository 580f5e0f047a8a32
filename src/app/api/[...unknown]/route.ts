import { problemResponse } from '../_http/body';

/** Says that there is no such interface, whatever it is asked by. */
function unknown(): Response {
  return problemResponse({
    title: 'Not found',
    status: 404,
    detail: 'There is no such interface; GET /api/schema lists those there are.',
  });
}

export { unknown as DELETE, unknown as GET, unknown as PATCH, unknown as POST, unknown as PUT };
