import { z } from 'zod';
import { isBytes, type Bytes } from './bytes';

/** Bytes, one at least and at most `most`; in a file base64, of which JSON Schema can speak. */
export const bytesSchema = (most: number, error: string) =>
  z
    .custom<Bytes>((value) => isBytes(value) && value.length > 0 && value.length <= most, { error })
    .meta({
      type: 'string',
      contentEncoding: 'base64',
      pattern: '^[A-Za-z0-9+/]+=*$',
      maxLength: 4 * Math.ceil(most / 3),
    });
