import { fixed } from '../../kit/format';
import { PHOTO_LENGTH_MAX } from '../../records';
import { t } from './words/text';

/** A telephone's largest pictures are some 50 MB. */
const PHOTO_FILE_BYTES_MAX = 60_000_000;
const LONGEST_SIDE_PX = 1400;
const WANTED_MB = 0.4;

export type PhotoResult =
  { readonly ok: true; readonly jpeg: string } | { readonly ok: false; readonly message: string };

const megabytes = (bytes: number) => t('photo.bytesMb', { bytes: fixed(bytes / 1e6, bytes < 10e6 ? 1 : 0) });

/** Makes a picture small enough to be kept by the hundred. The package that does it is loaded when it is first wanted. */
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
    const { default: compress } = await import('browser-image-compression');
    const small = await compress(file, {
      maxSizeMB: WANTED_MB,
      maxWidthOrHeight: LONGEST_SIDE_PX,
      fileType: 'image/jpeg',
      // Its worker would be fetched from the network.
      useWebWorker: false,
    });
    const jpeg = await base64Of(small);
    if (jpeg.length > PHOTO_LENGTH_MAX) {
      return { ok: false, message: t('photo.nameCouldNotBeMade', { name: file.name }) };
    }
    return { ok: true, jpeg };
  } catch {
    return { ok: false, message: t('photo.nameIsNoPictureThat', { name: file.name }) };
  }
}

function base64Of(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve((reader.result as string).split(',')[1]!);
    reader.onerror = () => reject(reader.error ?? new Error(t('photo.thePictureCouldNotBe')));
    reader.readAsDataURL(blob);
  });
}
