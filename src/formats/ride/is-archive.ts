/** Whether a file begins as a ZIP archive does. */
export async function isArchive(file: Blob): Promise<boolean> {
  const [p, k, third, fourth] = new Uint8Array(await file.slice(0, 4).arrayBuffer());
  return p === 0x50 && k === 0x4b && ((third === 3 && fourth === 4) || (third === 5 && fourth === 6));
}
