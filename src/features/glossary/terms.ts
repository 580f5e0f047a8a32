import { fixed, short } from '../../ui/format';
import { t } from './terms-text';

/** Small drawings; several terms share one and point at different things in it. */
type Picture =
  | { readonly of: 'drive'; readonly mark: DriveMark }
  | { readonly of: 'above'; readonly mark: AboveMark }
  | { readonly of: 'rungs'; readonly mark: RungsMark }
  | { readonly of: 'wheel'; readonly mark: WheelMark }
  | { readonly of: 'links'; readonly mark: LinksMark }
  | { readonly of: 'teeth'; readonly mark: 'narrowWide' };
export type DriveMark =
  | 'ring'
  | 'cog'
  | 'chain'
  | 'guidePulley'
  | 'tensionPulley'
  | 'cage'
  | 'bGap'
  | 'hanger'
  | 'extender'
  | 'clutch'
  | 'chainGuide'
  | 'bigBig'
  | 'smallSmall';
export type AboveMark = 'cassette' | 'freehub' | 'lockring' | 'spacer' | 'chainline' | 'crossed' | 'indexing';
export type RungsMark = 'gear' | 'step' | 'duplicates' | 'overlap' | 'path' | 'gap' | 'oneRing' | 'twoRings' | 'range';
export type WheelMark = 'ratio' | 'rollout' | 'development' | 'gearInches' | 'gainRatio' | 'cadence';
export type LinksMark = 'pitch' | 'link' | 'quickLink' | 'wear';

export interface Term {
  readonly id: string;
  readonly name: string;
  /** Other spellings; plurals are found automatically. */
  readonly also: readonly string[];
  readonly text: string;
  readonly picture: Picture;
  /** Ids of terms to read next. */
  readonly see: readonly string[];
}

const term = (
  id: string,
  name: string,
  picture: Picture,
  text: string,
  { also = [], see = [] }: { readonly also?: readonly string[]; readonly see?: readonly string[] } = {},
): Term => ({ id, name, also, text, picture, see });

const drive = (mark: DriveMark): Picture => ({ of: 'drive', mark });
const above = (mark: AboveMark): Picture => ({ of: 'above', mark });
const rungs = (mark: RungsMark): Picture => ({ of: 'rungs', mark });
const wheel = (mark: WheelMark): Picture => ({ of: 'wheel', mark });
const links = (mark: LinksMark): Picture => ({ of: 'links', mark });

/** The terms of the trade. They are shown in alphabetical order. */
export const TERMS: readonly Term[] = [
  term('chainring', t('chainring.name'), drive('ring'), t('chainring.text'), {
    also: [t('chainring.also.1'), t('chainring.also.2')],
    see: ['cog', 'ratio'],
  }),
  term('cog', t('cog.name'), drive('cog'), t('cog.text'), { also: [t('cog.also.1')], see: ['cassette', 'ratio'] }),
  term('cassette', t('cassette.name'), above('cassette'), t('cassette.text'), {
    see: ['cog', 'freehubBody', 'lockring'],
  }),
  term('setup', t('setup.name'), rungs('twoRings'), t('setup.text'), { see: ['gear', 'oneBy', 'twoBy'] }),
  term('gear', t('gear.name'), rungs('gear'), t('gear.text'), {
    see: ['ratio', 'easier'],
  }),
  term('oneBy', t('oneBy.name'), rungs('oneRing'), t('oneBy.text'), {
    also: [t('oneBy.also.1'), t('oneBy.also.2')],
    see: ['twoBy', 'narrowWide'],
  }),
  term('twoBy', t('twoBy.name'), rungs('twoRings'), t('twoBy.text'), {
    also: [t('twoBy.also.1')],
    see: ['overlap', 'duplicates'],
  }),
  term('easier', t('easier.name'), rungs('range'), t('easier.text'), {
    also: [t('easier.also.1'), t('easier.also.2'), t('easier.also.3'), t('easier.also.4')],
    see: ['ratio'],
  }),
  term('crossChained', t('crossChained.name'), above('crossed'), t('crossChained.text'), {
    also: [t('crossChained.also.1'), t('crossChained.also.2')],
    see: ['chainline'],
  }),
  term('guidePulley', t('guidePulley.name'), drive('guidePulley'), t('guidePulley.text'), {
    also: [t('guidePulley.also.1')],
    see: ['bGap', 'tensionPulley'],
  }),
  term('tensionPulley', t('tensionPulley.name'), drive('tensionPulley'), t('tensionPulley.text'), {
    also: [t('tensionPulley.also.1')],
    see: ['cage', 'capacity'],
  }),
  term('cage', t('cage.name'), drive('cage'), t('cage.text'), {
    also: [t('cage.also.1')],
    see: ['capacity', 'tensionPulley'],
  }),
  term('bGap', t('bGap.name'), drive('bGap'), t('bGap.text'), {
    also: [t('bGap.also.1'), t('bGap.also.2'), t('bGap.also.3')],
    see: ['guidePulley'],
  }),
  term('pitch', t('pitch.name'), links('pitch'), t('pitch.text', { value: short(12.7, 1) }), { see: ['link'] }),
  term('link', t('link.name'), links('link'), t('link.text'), {
    also: [t('link.also.1')],
    see: ['pitch', 'quickLink', 'bigBig'],
  }),
  term('quickLink', t('quickLink.name'), links('quickLink'), t('quickLink.text'), { see: ['link'] }),
  term(
    'chainWear',
    t('chainWear.name'),
    links('wear'),
    t('chainWear.text', { value: short(0.5, 2), value2: short(0.75, 2) }),
    { also: [t('chainWear.also.1')], see: ['pitch'] },
  ),
  term('freehubBody', t('freehubBody.name'), above('freehub'), t('freehubBody.text'), {
    also: [t('freehubBody.also.1')],
    see: ['spacer', 'lockring'],
  }),
  term('lockring', t('lockring.name'), above('lockring'), t('lockring.text'), {
    see: ['cassette'],
  }),
  term('spacer', t('spacer.name'), above('spacer'), t('spacer.text'), { see: ['freehubBody'] }),
  term('hanger', t('hanger.name'), drive('hanger'), t('hanger.text'), {
    also: [t('hanger.also.1')],
    see: ['extender'],
  }),
  term('extender', t('extender.name'), drive('extender'), t('extender.text'), {
    also: [t('extender.also.1')],
    see: ['hanger', 'largestCog'],
  }),
  term('clutch', t('clutch.name'), drive('clutch'), t('clutch.text'), { see: ['cage', 'narrowWide'] }),
  term('chainGuide', t('chainGuide.name'), drive('chainGuide'), t('chainGuide.text'), {
    see: ['narrowWide', 'clutch'],
  }),
  term('narrowWide', t('narrowWide.name'), { of: 'teeth', mark: 'narrowWide' }, t('narrowWide.text'), {
    also: [t('narrowWide.also.1')],
    see: ['clutch', 'chainGuide'],
  }),
  term('chainline', t('chainline.name'), above('chainline'), t('chainline.text'), { see: ['crossChained'] }),
  term('ratio', t('ratio.name'), wheel('ratio'), t('ratio.text', { value: fixed(4 / 3, 3) }), {
    also: [t('ratio.also.1')],
    see: ['development', 'duplicates'],
  }),
  term('rollout', t('rollout.name'), wheel('rollout'), t('rollout.text'), { see: ['development'] }),
  term('development', t('development.name'), wheel('development'), t('development.text'), {
    see: ['ratio', 'rollout', 'gearInches'],
  }),
  term('gearInches', t('gearInches.name'), wheel('gearInches'), t('gearInches.text'), {
    also: [t('gearInches.also.1')],
    see: ['development'],
  }),
  term('gainRatio', t('gainRatio.name'), wheel('gainRatio'), t('gainRatio.text'), { see: ['ratio', 'development'] }),
  term('cadence', t('cadence.name'), wheel('cadence'), t('cadence.text'), {
    also: [t('cadence.also.1'), t('cadence.also.2')],
    see: ['development', 'gap'],
  }),
  term('step', t('step.name'), rungs('step'), t('step.text'), {
    also: [t('step.also.1'), t('step.also.2'), t('step.also.3')],
    see: ['duplicates', 'gap'],
  }),
  term('duplicates', t('duplicates.name'), rungs('duplicates'), t('duplicates.text'), {
    also: [
      t('duplicates.also.1'),
      t('duplicates.also.2'),
      t('duplicates.also.3'),
      t('duplicates.also.4'),
      t('duplicates.also.5'),
      t('duplicates.also.6'),
    ],
    see: ['overlap', 'ratio'],
  }),
  term('overlap', t('overlap.name'), rungs('overlap'), t('overlap.text'), {
    also: [t('overlap.also.1'), t('overlap.also.2')],
    see: ['duplicates', 'shiftPath'],
  }),
  term('range', t('range.name'), rungs('range'), t('range.text'), { see: ['easier', 'step'] }),
  term('shiftPath', t('shiftPath.name'), rungs('path'), t('shiftPath.text'), { see: ['overlap', 'crossChained'] }),
  term('gap', t('gap.name'), rungs('gap'), t('gap.text'), { also: [t('gap.also.1')], see: ['cadence', 'step'] }),
  term('capacity', t('capacity.name'), drive('cage'), t('capacity.text'), {
    also: [t('capacity.also.1')],
    see: ['cage', 'smallSmall', 'bigBig'],
  }),
  term('largestCog', t('largestCog.name'), drive('bGap'), t('largestCog.text'), {
    see: ['bGap', 'extender', 'capacity'],
  }),
  term('indexing', t('indexing.name'), above('indexing'), t('indexing.text'), {
    also: [t('indexing.also.1'), t('indexing.also.2')],
    see: ['cassette', 'limitScrew'],
  }),
  term('limitScrew', t('limitScrew.name'), above('cassette'), t('limitScrew.text'), {
    also: [t('limitScrew.also.1')],
    see: ['indexing'],
  }),
  term('bigBig', t('bigBig.name'), drive('bigBig'), t('bigBig.text'), {
    also: [t('bigBig.also.1')],
    see: ['smallSmall', 'link'],
  }),
  term('smallSmall', t('smallSmall.name'), drive('smallSmall'), t('smallSmall.text'), {
    also: [t('smallSmall.also.1')],
    see: ['bigBig', 'capacity'],
  }),
];

const BY_ID = new Map(TERMS.map((one) => [one.id, one]));

/** @throws Error where there is no such term */
export function termOf(id: string): Term {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`no term ${id}`);
  return found;
}

/** The terms sorted by name. */
export const TERMS_BY_NAME: readonly Term[] = [...TERMS].sort((a, b) => a.name.localeCompare(b.name, 'en'));
