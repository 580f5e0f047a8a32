/** A kind of shifter and rear derailleur that are made for each other, in generic terms. */
interface ShiftFamily {
  readonly name: string;
  readonly shifting: 'cable' | 'electronic';
  /** Typical; absent for electronic ones, which place themselves. */
  readonly cablePullMm?: number | undefined;
  readonly pullRatio?: number | undefined;
}

/** Families in common use. Their figures are typical and rounded: the part maker's figures take precedence. */
export const SHIFT_FAMILIES: readonly ShiftFamily[] = [
  { name: 'road, 8- to 10-speed, about 2.5 mm per click', shifting: 'cable', cablePullMm: 2.5, pullRatio: 1.7 },
  { name: 'road, 11-speed, about 2.7 mm per click', shifting: 'cable', cablePullMm: 2.7, pullRatio: 1.4 },
  { name: 'mountain, 10-speed, about 3.4 mm per click', shifting: 'cable', cablePullMm: 3.4, pullRatio: 1.2 },
  { name: 'mountain, 11-speed, about 3.6 mm per click', shifting: 'cable', cablePullMm: 3.6, pullRatio: 1.1 },
  { name: 'mountain, 12-speed, about 3.6 mm per click', shifting: 'cable', cablePullMm: 3.6, pullRatio: 1 },
  { name: 'one to one, 10-speed, about 3.1 mm per click', shifting: 'cable', cablePullMm: 3.1, pullRatio: 1.3 },
  { name: 'electronic, wired, road', shifting: 'electronic' },
  { name: 'electronic, wireless, road', shifting: 'electronic' },
  { name: 'electronic, wireless, mountain', shifting: 'electronic' },
];

/** The family of that name in the list; undefined where it is a rider's own. */
export const listedFamily = (name: string): ShiftFamily | undefined => {
  const plain = name.trim().toLowerCase();
  return SHIFT_FAMILIES.find((family) => family.name === plain);
};
