import { fixed, short } from '../format';

/** Small drawings; several terms share one and point at different things in it. */
export type Picture =
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
export type RungsMark = 'gear' | 'step' | 'twins' | 'overlap' | 'path' | 'hole' | 'oneRing' | 'twoRings' | 'range';
export type WheelMark = 'ratio' | 'rollout' | 'development' | 'gearInches' | 'gainRatio' | 'cadence';
export type LinksMark = 'pitch' | 'link' | 'quickLink' | 'wear';

export interface Term {
  readonly id: string;
  readonly name: string;
  /** Other ways in which it is written; plurals are found by themselves. */
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

/** The words of the trade, in our own. In the order of the alphabet they stand on screen. */
export const TERMS: readonly Term[] = [
  term(
    'chainring',
    'Chainring',
    drive('ring'),
    'The toothed wheel at the crank. The larger it is, the harder the gear.',
    { also: ['ring', 'front ring'], see: ['cog', 'ratio'] },
  ),
  term(
    'cog',
    'Cog',
    drive('cog'),
    'One toothed wheel at the rear hub. The larger it is, the easier the gear: the other way round than at the front.',
    { also: ['sprocket'], see: ['cassette', 'ratio'] },
  ),
  term(
    'cassette',
    'Cassette',
    above('cassette'),
    'All the cogs together, slid on to the freehub body and held by the lockring. Written from the smallest to the largest: 11-36.',
    { see: ['cog', 'freehubBody', 'lockring'] },
  ),
  term(
    'setup',
    'Setup',
    rungs('twoRings'),
    'What is on the bike, or might be: chainrings and cassette, with derailleurs and chain. The bench has room for four.',
    { see: ['gear', 'oneBy', 'twoBy'] },
  ),
  term('gear', 'Gear', rungs('gear'), 'One chainring together with one cog, written ring/cog: 48/36.', {
    see: ['ratio', 'easier'],
  }),
  term(
    'oneBy',
    '1x',
    rungs('oneRing'),
    'One chainring. Every cog is a gear of its own, and nothing is shifted at the front.',
    {
      also: ['one-by', 'single ring'],
      see: ['twoBy', 'narrowWide'],
    },
  ),
  term(
    'twoBy',
    '2x',
    rungs('twoRings'),
    'Two chainrings and a front derailleur. Where the two rings overlap, several gears are nearly the same.',
    { also: ['two-by'], see: ['overlap', 'twins'] },
  ),
  term(
    'easier',
    'Easier and harder',
    rungs('range'),
    'An easier gear has a smaller ratio: less push, less way for a turn of the crank. “Lower” and “higher” are said of it as well, and mislead where a larger cog looks high.',
    { also: ['harder', 'easier', 'easiest gear', 'hardest gear'], see: ['ratio'] },
  ),
  term(
    'crossChained',
    'Cross-chained',
    above('crossed'),
    'A gear in which the chain runs at a steep angle sideways: big ring with the largest cogs, small ring with the smallest. Noisy, and it wears the parts.',
    { also: ['cross-chaining', 'crossed'], see: ['chainline'] },
  ),
  term(
    'guidePulley',
    'Guide pulley',
    drive('guidePulley'),
    'The upper of the two small wheels of the rear derailleur. It leads the chain on to a cog, so it should stand close below it.',
    { also: ['upper pulley'], see: ['bGap', 'tensionPulley'] },
  ),
  term(
    'tensionPulley',
    'Tension pulley',
    drive('tensionPulley'),
    'The lower one. A spring pulls it back, so that the chain stays taut whatever the gear.',
    { also: ['lower pulley'], see: ['cage', 'capacity'] },
  ),
  term(
    'cage',
    'Cage',
    drive('cage'),
    'What holds both pulleys. Its length, from centre to centre, decides how much chain it can take up.',
    { also: ['cage length'], see: ['capacity', 'tensionPulley'] },
  ),
  term(
    'bGap',
    'B-gap',
    drive('bGap'),
    'Between the guide pulley and the cog that it stands under, set by the B-screw. Too wide shifts slowly, too narrow rubs. Measure it on the largest cog, as the maker says.',
    { also: ['B-screw', 'b-screw'], see: ['guidePulley'] },
  ),
  term(
    'pitch',
    'Pitch',
    links('pitch'),
    `From pin to pin of a chain: ${short(12.7, 1)} mm, half an inch, on every bicycle with a derailleur. One tooth, one link, one pitch.`,
    { see: ['link'] },
  ),
  term(
    'link',
    'Link',
    links('link'),
    'One piece of chain, an outer and an inner one by turns. So a closed chain always has an even number of them.',
    { also: ['chain length'], see: ['pitch', 'quickLink', 'bigBig'] },
  ),
  term(
    'quickLink',
    'Quick link',
    links('quickLink'),
    'An outer link that closes the chain by hand. It counts as one of the outer ones; the chain must then end on inner links at both ends.',
    { see: ['link'] },
  ),
  term(
    'chainWear',
    'Chain wear',
    links('wear'),
    `How much longer a chain has become than new, in percent. The gauge says when: at ${short(0.5, 2)} % for eleven cogs and more, at ${short(0.75, 2)} % below. A worn chain on new cogs skips.`,
    { also: ['wear gauge'], see: ['pitch'] },
  ),
  term(
    'freehubBody',
    'Freehub body',
    above('freehub'),
    'The splined drum that the cassette slides on. It drives the wheel forwards and lets it run free. Its splines and length decide which cassettes go on.',
    { also: ['freehub'], see: ['spacer', 'lockring'] },
  ),
  term(
    'lockring',
    'Lockring',
    above('lockring'),
    'The ring that holds the cassette on the freehub body. Tighten it to the torque that stands on the part, usually 40 N·m.',
    {
      see: ['cassette'],
    },
  ),
  term(
    'spacer',
    'Spacer',
    above('spacer'),
    'A ring behind the cassette that fills what the freehub body is longer. Missing, the cassette rocks; too much, and the lockring does not catch.',
    { see: ['freehubBody'] },
  ),
  term(
    'hanger',
    'Hanger',
    drive('hanger'),
    'What the rear derailleur is bolted to, made soft so that it bends before the frame does. Look here first when shifting is poor.',
    { also: ['derailleur hanger'], see: ['extender'] },
  ),
  term(
    'extender',
    'Hanger extender',
    drive('extender'),
    'A plate that lets the derailleur hang lower, so that it clears a larger cog. It costs crispness, and no maker of derailleurs promises anything with it.',
    { also: ['extender'], see: ['hanger', 'largestCog'] },
  ),
  term(
    'clutch',
    'Clutch',
    drive('clutch'),
    'A brake in the pivot of the cage that keeps it from swinging forward on rough ground, so that the chain does not slap or drop.',
    { see: ['cage', 'narrowWide'] },
  ),
  term(
    'chainGuide',
    'Chain guide',
    drive('chainGuide'),
    'A small frame round the ring that the chain cannot jump out of. For one ring, where the ground is rough.',
    { see: ['narrowWide', 'clutch'] },
  ),
  term(
    'narrowWide',
    'Narrow-wide ring',
    { of: 'teeth', mark: 'narrowWide' },
    'A ring whose teeth are thin and thick by turns, as inner and outer links are narrow and wide. It holds the chain without a guide; for one ring, with an even number of teeth.',
    { also: ['narrow-wide'], see: ['clutch', 'chainGuide'] },
  ),
  term(
    'chainline',
    'Chainline',
    above('chainline'),
    'How far the ring, or the middle of the rings, stands beside the middle of the frame. Where it meets the middle of the cassette the chain runs straightest.',
    { see: ['crossChained'] },
  ),
  term(
    'ratio',
    'Ratio',
    wheel('ratio'),
    `Ring ÷ cog: how often the wheel turns for one turn of the crank. 48/36 is 4:3, or ${fixed(4 / 3, 3)}.`,
    { also: ['gear ratio'], see: ['development', 'twins'] },
  ),
  term(
    'rollout',
    'Rollout',
    wheel('rollout'),
    'How far the bike goes for one turn of the wheel, in millimetres. Measured with the rider on it wins over worked out: a loaded tyre rolls one to three percent less.',
    { see: ['development'] },
  ),
  term(
    'development',
    'Development',
    wheel('development'),
    'How far the bike goes for one turn of the crank, in metres: ratio × rollout.',
    { see: ['ratio', 'rollout', 'gearInches'] },
  ),
  term(
    'gearInches',
    'Gear inches',
    wheel('gearInches'),
    'The diameter of a wheel that, turned by the crank alone as on a high bicycle, would go as far: ratio × diameter. Some reckon with their own wheel, some with one of 27 inches.',
    { also: ['gear inch'], see: ['development'] },
  ),
  term(
    'gainRatio',
    'Gain ratio',
    wheel('gainRatio'),
    'How far the bike goes for each centimetre that the pedal goes. It counts the length of the crank as well, and has no unit.',
    { see: ['ratio', 'development'] },
  ),
  term('cadence', 'Cadence', wheel('cadence'), 'Turns of the crank in a minute, rpm. Speed is cadence × development.', {
    also: ['rpm', 'cadence band'],
    see: ['development', 'hole'],
  }),
  term(
    'step',
    'Step',
    rungs('step'),
    'From one gear to the next harder one: how much faster it is at the same cadence, in percent. Two teeth are a large step among small cogs and a small one among large.',
    { also: ['speed step', 'cadence drop', 'log step'], see: ['twins', 'hole'] },
  ),
  term(
    'twins',
    'Twins',
    rungs('twins'),
    'Two gears of exactly the same ratio on different rings, such as 32/24 and 48/36. Near twins are closer than one can feel.',
    {
      also: ['twin', 'exact twins', 'near twins', 'duplicates', 'exact duplicates', 'near duplicates'],
      see: ['overlap', 'ratio'],
    },
  ),
  term(
    'overlap',
    'Overlap',
    rungs('overlap'),
    'The part of the range that both rings reach. There, gears come twice; outside it, once. So 24 gears are not 24 sizes.',
    { also: ['ring overlap', 'distinct gears'], see: ['twins', 'shiftPath'] },
  ),
  term(
    'range',
    'Range',
    rungs('range'),
    'The hardest gear over the easiest, in percent: 491 % means that it goes almost five times as far.',
    { see: ['easier', 'step'] },
  ),
  term(
    'shiftPath',
    'Shift path',
    rungs('path'),
    'The gears that a rider meets from the easiest to the hardest: up the small ring, one change to the big one, and on to the smallest cog.',
    { see: ['overlap', 'crossChained'] },
  ),
  term(
    'hole',
    'Hole',
    rungs('hole'),
    'Speeds at which no gear lets you turn within your band of cadences: too slow in the harder one, too fast in the easier.',
    { also: ['coverage'], see: ['cadence', 'step'] },
  ),
  term(
    'capacity',
    'Capacity',
    drive('cage'),
    'How many teeth of chain the cage can take up: difference of the rings + difference of the cogs. More than the sheet says, and the chain hangs slack in small-small.',
    { also: ['total capacity'], see: ['cage', 'smallSmall', 'bigBig'] },
  ),
  term(
    'largestCog',
    'Largest cog',
    drive('bGap'),
    'What the body of the rear derailleur clears. A longer cage does not change it.',
    { see: ['bGap', 'extender', 'capacity'] },
  ),
  term(
    'indexing',
    'Indexing',
    above('indexing'),
    'That one click moves the derailleur by just one cog. Cable pulled per click × ratio of the derailleur must be the distance from cog to cog.',
    { also: ['limit screw'], see: ['cassette'] },
  ),
  term(
    'bigBig',
    'Big-big',
    drive('bigBig'),
    'Big ring with the largest cog: here a chain must reach, or a shift into it by mistake locks the drive and can tear the derailleur off.',
    { also: ['big-big'], see: ['smallSmall', 'link'] },
  ),
  term(
    'smallSmall',
    'Small-small',
    drive('smallSmall'),
    'Small ring with the smallest cog: here the cage must still keep the chain taut.',
    { also: ['small-small'], see: ['bigBig', 'capacity'] },
  ),
];

const BY_ID = new Map(TERMS.map((one) => [one.id, one]));

/** @throws Error where there is no such term */
export function termOf(id: string): Term {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`no term ${id}`);
  return found;
}

/** The terms as they stand in a list, by name. */
export const TERMS_BY_NAME: readonly Term[] = [...TERMS].sort((a, b) => a.name.localeCompare(b.name, 'en'));
