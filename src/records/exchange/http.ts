import { z } from 'zod';

/** The answer of GET /api/health. */
export const healthSchema = z.object({
  status: z.literal('ok'),
  version: z.string(),
  relay: z
    .object({
      packages: z.int().describe('that wait to be taken'),
      channels: z.int().describe('of paired devices'),
      followers: z.int().describe('devices that follow a channel'),
      bytes: z.int().describe('of packages and messages in this process'),
    })
    .optional()
    .describe('what the relay between devices holds; absent before its first use'),
});

/** A problem response (RFC 9457), with an entry for each issue found. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  issues: z
    .array(
      z.object({
        path: z.string().describe('dotted, as in setups.0.cogs.3; empty for the whole body'),
        code: z.string().optional().describe('names the message, where it has a name'),
        values: z.record(z.string(), z.unknown()).optional().describe('what stands in the message, by name'),
        message: z.string(),
      }),
    )
    .optional(),
});

export type Problem = z.output<typeof problemSchema>;
