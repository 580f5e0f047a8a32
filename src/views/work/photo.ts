import { fixed } from '../../ui/format';
import { PHOTO_BYTES_MAX } from '../../records';
import type { Bytes } from '../../records/bytes';
import { t } from './text';
import { definite } from '../../core/items';

/** A telephone's largest pictures are some 50 MB. */
const PHOTO_FILE_BYTES_MAX = 60_000_000;
const LONGEST_SIDE_PX = 1400;
/** A photo is saved at the first of these qualities at which it is small enough to be kept by the hundred. */
const QUALITIES = [0.85, 0.7, 0.5] as const;
const WANTED_BYTES = 400_000;

type PhotoResult = { readonly ok: true; readonly jpeg: Bytes } | { readonly ok: false; readonly message: string };

const megabytes = (bytes: number) => t('photo.bytesMb', { bytes: fixed(bytes / 1e6, bytes < 10e6 ? 1 : 0) });

/** Scales a picture down and encodes it anew, so that neither position nor other metadata of the camera remain. */
export async function smallPhoto(file: File): Promise<PhotoResult> {
  if (file.size > PHOTO_FILE_BYTES_MAX) {
    return {
      ok: false,
      message: t('photo.nameHasMegabytesAtMost', {
        name: file.name,
        megabytes: megabytes(file.size),
        megabytes2: megabytes(PHOTO_FILE_BYTES_MAX),
      }),
    };
  }
  try {
    const jpeg = new Uint8Array(await (await scaledDown(file)).arrayBuffer());
    if (jpeg.length > PHOTO_BYTES_MAX) {
      return { ok: false, message: t('photo.nameCouldNotBeMade', { name: file.name }) };
    }
    return { ok: true, jpeg };
  } catch {
    return { ok: false, message: t('photo.nameIsNoPictureThat', { name: file.name }) };
  }
}

async function scaledDown(file: File): Promise<Blob> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  );
  const pen = definite(canvas.getContext('2d') ?? undefined);
  // A JPEG has no transparency.
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.imageSmoothingQuality = 'high';
  pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  let encoded = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITIES[0] });
  for (const quality of QUALITIES.slice(1)) {
    if (encoded.size <= WANTED_BYTES) break;
    encoded = await canvas.convertToBlob({ type: 'image/jpeg', quality });
  }
  return encoded;
}
