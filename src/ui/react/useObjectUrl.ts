import { useEffect, useState } from 'react';

/** Returns an address for bytes that an element can show, for as long as it is mounted. @param type such as image/jpeg */
export function useObjectUrl(bytes: Uint8Array<ArrayBuffer>, type: string): string | undefined {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    const made = URL.createObjectURL(new Blob([bytes], { type }));
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the address has to be revoked again
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [bytes, type]);
  return url;
}
