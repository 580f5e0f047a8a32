import { FitBaseType, FitEncoder } from 'fit-file-parser';

/** Seconds from 1970 to the epoch of the format, the end of 1989. */
export const FIT_EPOCH_S = 631_065_600;

/** An activity of `seconds` records, one a second: 6 m/s and a little more each, 85 rpm; with the gear that was recorded at its start. */
export function fitActivity(
  startMs: number,
  seconds = 50,
  gear?: { readonly chainringT: number; readonly cogT: number },
): Uint8Array {
  const encoder = new FitEncoder();
  const base = Math.floor(startMs / 1000) - FIT_EPOCH_S;
  encoder.writeMessage(0, [
    { number: 0, size: 1, baseType: FitBaseType.Enum, value: 4 },
    { number: 1, size: 2, baseType: FitBaseType.Uint16, value: 255 },
  ]);
  if (gear) {
    encoder.writeMessage(21, [
      { number: 253, size: 4, baseType: FitBaseType.Uint32, value: base },
      { number: 0, size: 1, baseType: FitBaseType.Enum, value: 43 },
      { number: 10, size: 1, baseType: FitBaseType.Uint8, value: gear.chainringT },
      { number: 12, size: 1, baseType: FitBaseType.Uint8, value: gear.cogT },
    ]);
  }
  for (let i = 0; i < seconds; i += 1) {
    encoder.writeMessage(20, [
      { number: 253, size: 4, baseType: FitBaseType.Uint32, value: base + i },
      { number: 6, size: 2, baseType: FitBaseType.Uint16, value: 6000 + i },
      { number: 4, size: 1, baseType: FitBaseType.Uint8, value: 85 },
      { number: 5, size: 4, baseType: FitBaseType.Uint32, value: 600 * i },
    ]);
  }
  return encoder.close();
}
