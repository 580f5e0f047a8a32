import { createHash } from 'node:crypto';
import { atBase } from '../../../offline/base-path';
import type { z } from 'zod';
import { createDocument, type ZodOpenApiPathsObject } from 'zod-openapi';
import packageJson from '../../../../package.json';
import { compareRequestSchema, compareResponseSchema } from '../../../records/exchange/compare';
import { findRequestSchema, findResponseSchema } from '../../../records/exchange/find';
import { fitRequestSchema, fitResponseSchema } from '../../../records/exchange/fit';
import { gearsRequestSchema, gearsResponseSchema } from '../../../records/exchange/gears';
import { healthSchema, problemSchema } from '../../../records/exchange/http';
import { jobCardRequestSchema, jobCardResponseSchema } from '../../../records/exchange/job-card';
import { needsRequestSchema, needsResponseSchema } from '../../../records/exchange/needs';
import { t } from '../../../records/exchange/text';

/** Version in the path; a breaking change gets a new one. */
const VERSION = 'v1';

interface Call {
  /** Names the call in clients, and its schemas. */
  readonly id: string;
  readonly path: string;
  readonly summary: string;
  readonly request: z.ZodType;
  readonly response: z.ZodType;
}

const SUMMARY_KEYS = {
  gears: 'calls.gears',
  fit: 'calls.fit',
  needs: 'calls.needs',
  compare: 'calls.compare',
  find: 'calls.find',
  jobCard: 'calls.jobCard',
} as const;

const CALLS: readonly Call[] = [
  call('gears', '/gears', gearsRequestSchema, gearsResponseSchema),
  call('fit', '/fit', fitRequestSchema, fitResponseSchema),
  call('needs', '/needs', needsRequestSchema, needsResponseSchema),
  call('compare', '/compare', compareRequestSchema, compareResponseSchema),
  call('find', '/find', findRequestSchema, findResponseSchema),
  call('jobCard', '/job-card', jobCardRequestSchema, jobCardResponseSchema),
];

function call(id: keyof typeof SUMMARY_KEYS, path: string, request: z.ZodType, response: z.ZodType): Call {
  const name = `${id[0]?.toUpperCase() ?? ''}${id.slice(1)}`;
  return {
    id,
    path,
    summary: t(SUMMARY_KEYS[id]),
    request: request.meta({ id: `${name}Request` }),
    response: response.meta({ id: `${name}Response` }),
  };
}

const PROBLEM = 'application/problem+json';
const problem = problemSchema.meta({ id: 'Problem' });
const health = healthSchema.meta({ id: 'HealthResponse' });
/** Statuses of refusals; what each means stands in the document. */
const REFUSALS = ['400', '405', '408', '413', '415', '500', '503'] as const;

function paths(): ZodOpenApiPathsObject {
  const refused = Object.fromEntries(
    REFUSALS.map((status) => [
      status,
      { description: t(`refusals.${status}`), content: { [PROBLEM]: { schema: problem } } },
    ]),
  );
  const ok = (schema: z.ZodType) => ({ description: t('answered'), content: { 'application/json': { schema } } });
  const posts = CALLS.map(({ id, path, summary, request, response }) => [
    path,
    {
      post: {
        operationId: id,
        summary,
        requestBody: { required: true, content: { 'application/json': { schema: request } } },
        responses: { '200': ok(response), ...refused },
      },
    },
  ]);
  const documents = (['schema', 'openapi'] as const).map((id) => [
    `/${id}`,
    {
      get: {
        operationId: id,
        summary: t(`documents.${id}`),
        responses: {
          '200': {
            description: t('answered'),
            content: { 'application/json': { schema: { type: 'object' as const } } },
          },
          '304': { description: t('unchanged') },
        },
      },
    },
  ]);
  return Object.fromEntries([
    ...posts,
    ...documents,
    ['/health', { get: { operationId: 'health', summary: t('documents.health'), responses: { '200': ok(health) } } }],
  ]) as ZodOpenApiPathsObject;
}

/** A document with its fingerprint. */
interface Document {
  readonly text: string;
  readonly etag: string;
}

const documentOf = (json: unknown): Document => {
  const text = JSON.stringify(json);
  return { text, etag: `"${createHash('sha256').update(text).digest('base64url').slice(0, 27)}"` };
};

let documents: { readonly openapi: Document; readonly schema: Document } | undefined;

/** The HTTP interface as OpenAPI 3.1 and as JSON Schema 2020-12, both made from the schemas that the handlers check with. */
export function descriptions() {
  documents ??= build();
  return documents;
}

function build() {
  const openapi = createDocument({
    openapi: '3.1.1',
    info: {
      title: t('documents.title'),
      version: packageJson.version,
      license: { name: packageJson.license, identifier: packageJson.license },
    },
    servers: [{ url: atBase(`/api/${VERSION}`) }],
    paths: paths(),
  });
  // The shapes of the one are those of the other, under the name that JSON Schema has for their place.
  const shapes = JSON.parse(
    JSON.stringify(openapi.components?.schemas ?? {}).replaceAll('#/components/schemas/', '#/$defs/'),
  ) as Readonly<Record<string, unknown>>;
  return {
    openapi: documentOf(openapi),
    schema: documentOf({
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      $id: `urn:rontel:http:${VERSION}`,
      title: t('documents.title'),
      $defs: shapes,
    }),
  };
}

/** Answers with a document; with nothing but its fingerprint where the sender has it already. */
export function documentResponse(request: Request, { text, etag }: Document): Response {
  const headers = { etag, 'cache-control': 'no-cache' };
  const known = (request.headers.get('if-none-match') ?? '').split(',').map((one) => one.trim().replace(/^W\//, ''));
  if (known.includes(etag) || known.includes('*')) return new Response(null, { status: 304, headers });
  return new Response(text, { headers: { ...headers, 'content-type': 'application/json' } });
}
