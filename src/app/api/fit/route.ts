import { t } from '../../../records/exchange/text';
import { fitReport, type CageRow, type Check } from '../../../core/fit';
import { fitRequestSchema, type FitRequest, type FitResponse } from '../../../records/exchange/fit';
import { problemResponse } from '../_http/body';
import { answered } from '../_http/guard';
import { handlers } from '../_http/methods';
import { textOf } from '../../../messages/core';
import { messageFields } from '../_http/message-fields';

/** Compatibility of a setup, its chain length, and the cage position in every gear. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = handlers({
  POST: (request) => answered(request, fitRequestSchema, answer),
});

function answer({ pitchLineGapMm, ...request }: FitRequest): Response {
  const report = fitReport({
    ...request,
    chainLinks: request.chainLinks,
    rearDerailleur: { pitchLineGapMm, ...request.rearDerailleur },
  });
  const impossible = report.cage.find(({ pose }) => pose.state === 'impossible');
  if (impossible?.pose.state === 'impossible') {
    const failure = messageFields(impossible.pose.failure.message);
    const gear = `${impossible.chainring}/${impossible.cog}`;
    const message = t('geometry.issue', { gear, cause: failure.message });
    return problemResponse({
      title: t('geometry.title'),
      status: 400,
      detail: t('geometry.detail'),
      issues: [{ path: 'rearDerailleur', ...failure, message }],
    });
  }
  const { smallSmall, pulleysUpright, ...links } = report.links;
  const response: FitResponse = {
    checks: report.checks.map(toCheck),
    chain: {
      directPitches: report.directPitches,
      links: { ...links, smallSmall: smallSmall ?? null, pulleysUpright: pulleysUpright ?? null },
    },
    cage: report.cage.map(toCage),
  };
  return Response.json(response);
}

function toCheck({ id, verdict, required, limit, unit, missing, message }: Check): FitResponse['checks'][number] {
  // Here the margin is always limit − required; for a least it is below 0 while there is some to spare.
  const margin = limit === undefined || required === undefined ? undefined : limit - required;
  return {
    id,
    verdict,
    required,
    limit,
    margin,
    unit,
    missing: missing && textOf(missing),
    ...messageFields(message),
  };
}

function toCage({ chainring, cog, pose }: CageRow): FitResponse['cage'][number] {
  if (pose.state === 'impossible') throw new Error('an impossible geometry was answered before');
  return { chainring, cog, angleDeg: pose.angleDeg ?? null, state: pose.state };
}
