/** An ISO 5775 rim seat diameter and the names that the trade has for wheels of it. */
export interface RimSize {
  readonly diameterMm: number;
  readonly alsoCalled: string;
}

/** The common ones first, then from large to small. */
export const RIM_SIZES: readonly RimSize[] = [
  { diameterMm: 622, alsoCalled: '700C, 29 in' },
  { diameterMm: 584, alsoCalled: '650B, 27.5 in' },
  { diameterMm: 559, alsoCalled: '26 in' },
  { diameterMm: 406, alsoCalled: '20 in' },
  { diameterMm: 635, alsoCalled: '28 in roadster' },
  { diameterMm: 630, alsoCalled: '27 in' },
  { diameterMm: 590, alsoCalled: '650A, 26 in' },
  { diameterMm: 571, alsoCalled: '650C' },
  { diameterMm: 540, alsoCalled: '24 in, wheelchair' },
  { diameterMm: 507, alsoCalled: '24 in' },
  { diameterMm: 451, alsoCalled: '20 in narrow' },
  { diameterMm: 369, alsoCalled: '17 in' },
  { diameterMm: 355, alsoCalled: '18 in' },
  { diameterMm: 349, alsoCalled: '16 in narrow' },
  { diameterMm: 305, alsoCalled: '16 in' },
  { diameterMm: 254, alsoCalled: '14 in' },
  { diameterMm: 203, alsoCalled: '12 in' },
];
