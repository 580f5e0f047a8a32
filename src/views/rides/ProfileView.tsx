import type { Ref } from 'react';
import { lengthM, type ElevationProfile, type ProfileClimb, type RideRules, type RideThrough } from '../../core/ride';
import { distanceText, heightText, keptFrom, shownIn, type Units, unitText } from '../../features/units/measures';
import { signOf } from '../../features/setup-mark/setup-sign';
import { fixed } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn } from '../../features/units/speed';
import { useWidth } from '../../features/ladder/useWidth';
import { Numbers } from '../../ui/numbers/Numbers';
import { profileNumbers } from './profile-numbers';
import styles from './Rides.module.css';
import { t } from './text';
import { itemAt } from '../../core/items';

const LEFT = 52;
const RIGHT = 10;
const PROFILE = 120;
const LANE = 74;
const GAP = 16;
/** A climb drawn narrower has its number alone; the rest is in the table. */
const CLIMB_TEXT = 44;

export interface ProfileViewProps {
  readonly profile: ElevationProfile;
  readonly climbs: readonly ProfileClimb[];
  /** With the place of each in the workspace. */
  readonly rides: readonly { readonly place: number; readonly ride: RideThrough; readonly rules: RideRules }[];
  readonly lowRpm: number;
  readonly highRpm: number;
  readonly units: Units;
  readonly drawingRef?: Ref<SVGSVGElement>;
}

/** The elevation of a route with its climbs, and below it speed, cadence and gear. */
export function ProfileView(props: ProfileViewProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <>
      <div ref={ref}>{width > 0 && <Drawing {...props} width={width} />}</div>
      <Numbers of={t('profileView.profileSpeedCadenceAndGear')} table={() => profileNumbers(props)} />
    </>
  );
}

function Drawing({
  profile,
  climbs,
  rides,
  lowRpm,
  highRpm,
  units,
  drawingRef,
  width,
}: ProfileViewProps & { width: number }) {
  const length = lengthM(profile);
  const x = (metres: number) => LEFT + (metres / length) * (width - LEFT - RIGHT);
  const { elevationM, stepM } = profile;
  // Too many to be given as arguments.
  const low = elevationM.reduce((least, one) => Math.min(least, one));
  // A fen is not to look like a mountain: at least 60 m of height.
  const high = elevationM.reduce((most, one) => Math.max(most, one), low + 60);
  const y = (height: number) => PROFILE - ((height - low) / (high - low)) * (PROFILE - 18);
  const every = Math.max(1, Math.floor(elevationM.length / width));
  const heights = [...elevationM].flatMap((height, i) =>
    i % every === 0 ? [`${x(i * stepM).toFixed(1)} ${y(height).toFixed(1)}`] : [],
  );
  const speeds = rides.flatMap(({ ride }) => ride.points.map(({ speedKmh }) => speedKmh));
  const fastest = speeds.reduce((most, one) => Math.max(most, one), 10);
  const developments = rides.flatMap(({ rules }) => rules.gears.map(({ developmentM }) => developmentM));
  const [easiest, hardest] = [Math.min(...developments), Math.max(...developments)];
  // A single gear is as high as it is low.
  const gearSpan = Math.log(hardest / easiest) || 1;
  const allLanes = [
    {
      name: SPEED_UNIT_TEXT[units.speedUnit],
      ends: [fixed(speedIn(units.speedUnit, fastest), 0), '0'],
      value: (ride: (typeof rides)[number], i: number) => itemAt(ride.ride.points, i).speedKmh / fastest,
    },
    {
      name: t('profileView.rpm'),
      ends: ['120', '40'],
      value: (ride: (typeof rides)[number], i: number) => {
        const { cadenceRpm } = itemAt(ride.ride.points, i);
        // Where nothing is turned there is no cadence to draw.
        return cadenceRpm === 0 ? undefined : Math.min(1, Math.max(0, (cadenceRpm - 40) / 80));
      },
    },
    {
      name: t('profileView.gearM'),
      ends: [fixed(hardest, 1), fixed(easiest, 1)],
      value: (ride: (typeof rides)[number], i: number) =>
        Math.log(itemAt(ride.rules.gears, itemAt(ride.ride.points, i).gear).developmentM / easiest) / gearSpan,
    },
  ] as const;
  // While needs conflict, only the elevation is shown.
  const lanes = rides.length > 0 ? allLanes : [];
  const top = (lane: number) => PROFILE + GAP + lane * (LANE + GAP);
  const height = top(lanes.length) + 6;
  const bandY = (rpm: number) => top(1) + LANE - ((Math.min(120, Math.max(40, rpm)) - 40) / 80) * LANE;
  const path = (ride: (typeof rides)[number], lane: number) => {
    const step = Math.max(1, Math.floor(ride.ride.points.length / width));
    let pen = 'M';
    let d = '';
    for (let i = 0; i < ride.ride.points.length; i += step) {
      const value = itemAt(lanes, lane).value(ride, i);
      if (value === undefined) {
        pen = 'M';
        continue;
      }
      d += `${pen}${x(itemAt(ride.ride.points, i).distanceM).toFixed(1)} ${(top(lane) + LANE - value * LANE).toFixed(1)}`;
      pen = 'L';
    }
    return d;
  };
  const shownLength = shownIn('distance', units, length / 1000);
  const everyUnit = Math.max(1, Math.ceil(shownLength / 8));
  return (
    <svg
      ref={drawingRef}
      className={styles.profile}
      width={width}
      height={height}
      role="img"
      aria-label={t('profileView.profileOfLengthWith', {
        length: distanceText(units, length / 1000, 1),
        count: climbs.length,
        ridesCount: rides.length,
      })}
    >
      <path className={styles.ground} d={`M${x(0)} ${PROFILE} L${heights.join(' L')} L${x(length)} ${PROFILE} Z`} />
      {climbs.map(({ fromM, toM, gradeFraction }, i) => (
        <g key={fromM} className={styles.climb}>
          <line x1={x(fromM)} x2={x(toM)} y1={PROFILE} y2={PROFILE} />
          <text x={(x(fromM) + x(toM)) / 2} y={PROFILE - 4}>
            {i + 1}
            {x(toM) - x(fromM) >= CLIMB_TEXT && `: ${fixed(gradeFraction * 100, 1)}%`}
          </text>
        </g>
      ))}
      <text className={styles.axis} x={LEFT - 6} y={y(high) + 4}>
        {heightText(units, high)}
      </text>
      <text className={styles.axis} x={LEFT - 6} y={PROFILE}>
        {heightText(units, low)}
      </text>
      {Array.from({ length: Math.floor(shownLength / everyUnit) + 1 }, (_, i) => i * everyUnit).map((along) => (
        <text
          key={along}
          className={styles.kilometre}
          x={x(keptFrom('distance', units, along) * 1000)}
          y={PROFILE + 12}
        >
          {along}
          {along === 0 ? ` ${unitText('distance', units)}` : ''}
        </text>
      ))}
      {lanes.map(({ name, ends }, lane) => (
        <g key={name}>
          <rect className={styles.lane} x={LEFT} y={top(lane)} width={width - LEFT - RIGHT} height={LANE} />
          {lane === 1 && (
            <rect
              className={styles.band}
              x={LEFT}
              width={width - LEFT - RIGHT}
              y={bandY(highRpm)}
              height={bandY(lowRpm) - bandY(highRpm)}
            />
          )}
          <text className={styles.axis} x={LEFT - 6} y={top(lane) + 9}>
            {ends[0]}
          </text>
          <text className={styles.axisName} x={LEFT - 6} y={top(lane) + LANE / 2 + 4}>
            {name}
          </text>
          <text className={styles.axis} x={LEFT - 6} y={top(lane) + LANE}>
            {ends[1]}
          </text>
          {rides.map((ride) => (
            <path
              key={ride.place}
              className={styles.trace}
              data-setup={signOf(ride.place)}
              data-lane={name}
              d={path(ride, lane)}
            />
          ))}
        </g>
      ))}
    </svg>
  );
}
