/** Values of a point that formats leave to extensions and properties. */
type NamedValue = 'cadenceRpm' | 'speedMs' | 'distanceM' | 'powerW';

const NAMES: Readonly<Record<string, NamedValue>> = {
  cad: 'cadenceRpm',
  cadence: 'cadenceRpm',
  bikecadence: 'cadenceRpm',
  rpm: 'cadenceRpm',
  speed: 'speedMs',
  distance: 'distanceM',
  power: 'powerW',
  powerinwatts: 'powerW',
  watt: 'powerW',
};

/** The value that a name means, whatever its namespace, its case and whether it is plural; undefined for any other. */
export function valueNamed(name: string): NamedValue | undefined {
  const local = name.slice(name.lastIndexOf(':') + 1).toLowerCase();
  return NAMES[local] ?? NAMES[local.replace(/s$/, '')];
}
