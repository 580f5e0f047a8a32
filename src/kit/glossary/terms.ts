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

/** The terms of the trade. They are shown in alphabetical order. */
export const TERMS: readonly Term[] = [
  term(
    'chainring',
    'Chainring',
    drive('ring'),
    'The toothed ring on the crank. A larger chainring makes a harder gear.',
    { also: ['ring', 'front ring'], see: ['cog', 'ratio'] },
  ),
  term(
    'cog',
    'Cog',
    drive('cog'),
    'One of the toothed wheels on the rear hub. A larger cog makes an easier gear: the opposite of the chainring.',
    { also: ['sprocket'], see: ['cassette', 'ratio'] },
  ),
  term(
    'cassette',
    'Cassette',
    above('cassette'),
    'All the cogs together, on the freehub body and held by the lockring. Written from the smallest cog to the largest: 11-36.',
    { see: ['cog', 'freehubBody', 'lockring'] },
  ),
  term(
    'setup',
    'Setup',
    rungs('twoRings'),
    'The chainrings and cassette on the bike, or under consideration, with their derailleurs and chain. Up to four can be compared.',
    { see: ['gear', 'oneBy', 'twoBy'] },
  ),
  term('gear', 'Gear', rungs('gear'), 'One chainring combined with one cog, written ring/cog: 48/36.', {
    see: ['ratio', 'easier'],
  }),
  term(
    'oneBy',
    '1x',
    rungs('oneRing'),
    'A drivetrain with one chainring. Every cog is a different gear, and there is no front shifting.',
    {
      also: ['one-by', 'single ring'],
      see: ['twoBy', 'narrowWide'],
    },
  ),
  term(
    'twoBy',
    '2x',
    rungs('twoRings'),
    'A drivetrain with two chainrings and a front derailleur. Where the ranges of the rings overlap, several gears are nearly the same.',
    { also: ['two-by'], see: ['overlap', 'twins'] },
  ),
  term(
    'easier',
    'Easier and harder',
    rungs('range'),
    'An easier gear has a lower ratio: less effort and less distance per crank turn. Also called lower (easier) and higher (harder).',
    { also: ['harder', 'easier', 'easiest gear', 'hardest gear'], see: ['ratio'] },
  ),
  term(
    'crossChained',
    'Cross-chained',
    above('crossed'),
    'A gear in which the chain runs at a sharp sideways angle: big ring with the largest cogs, small ring with the smallest. It is noisy and wears parts faster.',
    { also: ['cross-chaining', 'crossed'], see: ['chainline'] },
  ),
  term(
    'guidePulley',
    'Guide pulley',
    drive('guidePulley'),
    'The upper of the two small wheels of the rear derailleur. It guides the chain onto each cog, so it should sit close below the cog.',
    { also: ['upper pulley'], see: ['bGap', 'tensionPulley'] },
  ),
  term(
    'tensionPulley',
    'Tension pulley',
    drive('tensionPulley'),
    'The lower pulley of the rear derailleur. A spring pulls the cage back to keep the chain taut in every gear.',
    { also: ['lower pulley'], see: ['cage', 'capacity'] },
  ),
  term(
    'cage',
    'Cage',
    drive('cage'),
    'The arm that holds both pulleys. Its length, measured between pulley centres, decides how much slack chain it can take up.',
    { also: ['cage length'], see: ['capacity', 'tensionPulley'] },
  ),
  term(
    'bGap',
    'B-gap',
    drive('bGap'),
    'The distance between the guide pulley and the cog above it, set with the B-tension screw. If it is too wide, shifting is slow; if it is too narrow, the pulley rubs. Measure it on the largest cog, following the maker’s instructions.',
    { also: ['B-tension screw', 'B-screw', 'b-screw'], see: ['guidePulley'] },
  ),
  term(
    'pitch',
    'Pitch',
    links('pitch'),
    `The distance between two pins of a chain: ${short(12.7, 1)} mm, half an inch, on every bicycle with a derailleur. Each tooth takes one link.`,
    { see: ['link'] },
  ),
  term(
    'link',
    'Link',
    links('link'),
    'One piece of chain. Outer and inner links alternate, so a closed chain always has an even number of links.',
    { also: ['chain length'], see: ['pitch', 'quickLink', 'bigBig'] },
  ),
  term(
    'quickLink',
    'Quick link',
    links('quickLink'),
    'An outer link that closes the chain by hand. It counts as one outer link, so both ends of the chain must be inner links.',
    { see: ['link'] },
  ),
  term(
    'chainWear',
    'Chain wear',
    links('wear'),
    `How far a chain has stretched beyond new, in percent. Replace it at ${short(0.5, 2)} % for 11-speed and up, at ${short(0.75, 2)} % for 10-speed and below. A worn chain skips on new cogs.`,
    { also: ['wear gauge'], see: ['pitch'] },
  ),
  term(
    'freehubBody',
    'Freehub body',
    above('freehub'),
    'The splined body that the cassette slides onto. It drives the wheel one way and freewheels the other. Its splines and length decide which cassettes fit.',
    { also: ['freehub'], see: ['spacer', 'lockring'] },
  ),
  term(
    'lockring',
    'Lockring',
    above('lockring'),
    'The ring that holds the cassette on the freehub body. Tighten it to the torque marked on the part, usually 40 N·m.',
    {
      see: ['cassette'],
    },
  ),
  term(
    'spacer',
    'Spacer',
    above('spacer'),
    'A ring behind the cassette that takes up the extra length of the freehub body. Without it the cassette rocks; if it is too thick, the lockring does not engage.',
    { see: ['freehubBody'] },
  ),
  term(
    'hanger',
    'Hanger',
    drive('hanger'),
    'The part that the rear derailleur is bolted to. It is soft, so that it bends before the frame does. Check it first when shifting is poor.',
    { also: ['derailleur hanger'], see: ['extender'] },
  ),
  term(
    'extender',
    'Hanger extender',
    drive('extender'),
    'A plate that lowers the derailleur so that it clears a larger cog. Shifting becomes less crisp, and derailleur makers do not support it.',
    { also: ['extender'], see: ['hanger', 'largestCog'] },
  ),
  term(
    'clutch',
    'Clutch',
    drive('clutch'),
    'A friction brake in the cage pivot. It stops the cage from swinging forward on rough ground, so that the chain does not slap or drop.',
    { see: ['cage', 'narrowWide'] },
  ),
  term(
    'chainGuide',
    'Chain guide',
    drive('chainGuide'),
    'A cage around the chainring that stops the chain from dropping. Used on 1x for rough ground.',
    { see: ['narrowWide', 'clutch'] },
  ),
  term(
    'narrowWide',
    'Narrow-wide ring',
    { of: 'teeth', mark: 'narrowWide' },
    'A chainring with alternating narrow and wide teeth that match the inner and outer links. It holds the chain without a guide. Only for 1x, and only with an even number of teeth.',
    { also: ['narrow-wide'], see: ['clutch', 'chainGuide'] },
  ),
  term(
    'chainline',
    'Chainline',
    above('chainline'),
    'The distance from the centreline of the frame to the chainring (1x) or to the midpoint between the rings (2x). The chain runs straightest where it meets the middle of the cassette.',
    { see: ['crossChained'] },
  ),
  term(
    'ratio',
    'Ratio',
    wheel('ratio'),
    `Chainring ÷ cog: wheel turns per crank turn. 48/36 is 4:3, or ${fixed(4 / 3, 3)}.`,
    { also: ['gear ratio'], see: ['development', 'twins'] },
  ),
  term(
    'rollout',
    'Rollout',
    wheel('rollout'),
    'The distance the bike covers per wheel turn, in millimetres. Measuring with the rider on the bike is better than calculating: a loaded tyre rolls one to three percent less.',
    { see: ['development'] },
  ),
  term(
    'development',
    'Development',
    wheel('development'),
    'The distance the bike covers per crank turn, in metres: ratio × rollout.',
    { see: ['ratio', 'rollout', 'gearInches'] },
  ),
  term(
    'gearInches',
    'Gear inches',
    wheel('gearInches'),
    'The diameter of a directly driven wheel (as on a high-wheel bicycle) that would travel as far per crank turn: ratio × wheel diameter. Some use the actual wheel, others a nominal 27 in.',
    { also: ['gear inch'], see: ['development'] },
  ),
  term(
    'gainRatio',
    'Gain ratio',
    wheel('gainRatio'),
    'The distance the bike travels for each unit of distance that the pedal travels. It takes the crank length into account and has no unit.',
    { see: ['ratio', 'development'] },
  ),
  term('cadence', 'Cadence', wheel('cadence'), 'Crank turns per minute (rpm). Speed is cadence × development.', {
    also: ['rpm', 'cadence range'],
    see: ['development', 'hole'],
  }),
  term(
    'step',
    'Step',
    rungs('step'),
    'The change from one gear to the next harder gear: how much faster it is at the same cadence, in percent. Two teeth are a large step between small cogs and a small step between large cogs.',
    { also: ['speed step', 'cadence drop', 'log step'], see: ['twins', 'hole'] },
  ),
  term(
    'twins',
    'Duplicate gears',
    rungs('twins'),
    'Two gears with exactly the same ratio on different rings, such as 32/24 and 48/36. Near duplicates are closer than a rider can feel.',
    {
      also: ['duplicate', 'duplicates', 'exact duplicate', 'exact duplicates', 'near duplicate', 'near duplicates'],
      see: ['overlap', 'ratio'],
    },
  ),
  term(
    'overlap',
    'Overlap',
    rungs('overlap'),
    'The part of the range covered by both chainrings. Gears there are duplicated, so 24 gears are not 24 different ratios.',
    { also: ['ring overlap', 'distinct gears'], see: ['twins', 'shiftPath'] },
  ),
  term(
    'range',
    'Range',
    rungs('range'),
    'The hardest gear divided by the easiest, in percent: 491 % means that the hardest gear travels almost five times as far per crank turn.',
    { see: ['easier', 'step'] },
  ),
  term(
    'shiftPath',
    'Shift sequence',
    rungs('path'),
    'The gears a rider uses from the easiest to the hardest: through the small ring, one change to the big ring, and on to the smallest cog.',
    { see: ['overlap', 'crossChained'] },
  ),
  term(
    'hole',
    'Gap',
    rungs('hole'),
    'Speeds at which no gear keeps you in your cadence range: in the harder gear you pedal too slowly, in the easier gear too fast.',
    { also: ['coverage'], see: ['cadence', 'step'] },
  ),
  term(
    'capacity',
    'Capacity',
    drive('cage'),
    'How much chain the cage can take up, in teeth. A setup needs ring difference + cog difference. If that exceeds the published figure, the chain hangs slack in small-small.',
    { also: ['total capacity'], see: ['cage', 'smallSmall', 'bigBig'] },
  ),
  term(
    'largestCog',
    'Largest cog',
    drive('bGap'),
    'The largest cog that the rear derailleur is rated for. A longer cage does not change it.',
    { see: ['bGap', 'extender', 'capacity'] },
  ),
  term(
    'indexing',
    'Indexing',
    above('indexing'),
    'One shifter click moves the derailleur exactly one cog. Cable pull per click × actuation ratio of the derailleur must equal the distance between cogs.',
    { also: ['cable pull per click', 'actuation ratio'], see: ['cassette', 'limitScrew'] },
  ),
  term(
    'limitScrew',
    'Limit screw',
    above('cassette'),
    'One of the two screws that stop the derailleur at the smallest and the largest cog, so that the chain cannot fall off the cassette. They do not affect the gears in between.',
    { also: ['limit screws'], see: ['indexing'] },
  ),
  term(
    'bigBig',
    'Big-big',
    drive('bigBig'),
    'Big ring with the largest cog. The chain must be long enough here, or an accidental shift locks the drivetrain and can tear off the derailleur.',
    { also: ['big-big'], see: ['smallSmall', 'link'] },
  ),
  term(
    'smallSmall',
    'Small-small',
    drive('smallSmall'),
    'Small ring with the smallest cog. The cage must still keep the chain taut here.',
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
