import { z } from 'zod';
import { compareRequestSchema, compareResponseSchema } from '../../../records/exchange/compare';
import { findRequestSchema, findResponseSchema } from '../../../records/exchange/find';
import { fitRequestSchema, fitResponseSchema } from '../../../records/exchange/fit';
import { gearsRequestSchema, gearsResponseSchema } from '../../../records/exchange/gears';
import { healthSchema, problemSchema } from '../../../records/exchange/http';
import { jobCardRequestSchema, jobCardResponseSchema } from '../../../records/exchange/job-card';
import { needsRequestSchema, needsResponseSchema } from '../../../records/exchange/needs';

/** The whole HTTP interface as JSON Schema 2020-12, made from the schemas that the handlers check with. */
export function GET(): Response {
  const input = (schema: z.ZodType) => definition(schema, 'input');
  const output = (schema: z.ZodType) => definition(schema, 'output');
  return Response.json({
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: 'urn:rontel:http',
    title: 'Rontel HTTP interface',
    $defs: {
      GearsRequest: { description: 'body of POST /api/gears', ...input(gearsRequestSchema) },
      GearsResponse: { description: 'answer of POST /api/gears', ...output(gearsResponseSchema) },
      FitRequest: { description: 'body of POST /api/fit', ...input(fitRequestSchema) },
      FitResponse: { description: 'answer of POST /api/fit', ...output(fitResponseSchema) },
      NeedsRequest: { description: 'body of POST /api/needs', ...input(needsRequestSchema) },
      NeedsResponse: { description: 'answer of POST /api/needs', ...output(needsResponseSchema) },
      CompareRequest: { description: 'body of POST /api/compare', ...input(compareRequestSchema) },
      CompareResponse: { description: 'answer of POST /api/compare', ...output(compareResponseSchema) },
      FindRequest: { description: 'body of POST /api/find', ...input(findRequestSchema) },
      FindResponse: { description: 'answer of POST /api/find', ...output(findResponseSchema) },
      JobCardRequest: { description: 'body of POST /api/job-card', ...input(jobCardRequestSchema) },
      JobCardResponse: { description: 'answer of POST /api/job-card', ...output(jobCardResponseSchema) },
      HealthResponse: { description: 'answer of GET /api/health', ...output(healthSchema) },
      Problem: { description: 'application/problem+json, with status 400, 413, 500 or 503', ...output(problemSchema) },
    },
  });
}

function definition(schema: z.ZodType, io: 'input' | 'output') {
  const document = z.toJSONSchema(schema, { io, target: 'draft-2020-12' });
  delete document.$schema;
  return document;
}
