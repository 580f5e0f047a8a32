import { descriptions, documentResponse } from '../_http/description';
import { handlers } from '../_http/methods';

/** The whole HTTP interface as JSON Schema 2020-12. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  GET: (request) => documentResponse(request, descriptions().schema),
});
