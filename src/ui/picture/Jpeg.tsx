'use client';

import { useObjectUrl } from '../react/useObjectUrl';

/** A JPEG that is in memory, such as a photo from the database. */
export function Jpeg({ bytes, alt }: { bytes: Uint8Array<ArrayBuffer>; alt: string }) {
  const url = useObjectUrl(bytes, 'image/jpeg');
  // eslint-disable-next-line @next/next/no-img-element -- it is in the browser, not on the server
  return url === undefined ? null : <img src={url} alt={alt} />;
}
