/** Maximum longer edge of a stored photo, px. */
const MAX_PX = 1600;
const QUALITIES = [0.85, 0.7, 0.5] as const;
/** Maximum upload size, bytes. */
const MAX_BYTES = 1_000_000;

/**
 * Reduces a photo to a JPEG of at most 1600 pixels on its longer edge, upright, without camera metadata.
 *
 * @returns null where the file is no picture that this browser can read
 */
export async function smallerPhoto(file: Blob): Promise<Blob | null> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null);
  if (!picture) return null;
  const by = Math.min(1, MAX_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * by));
  canvas.height = Math.max(1, Math.round(picture.height * by));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  for (const quality of QUALITIES) {
    const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
    if (jpeg && jpeg.size <= MAX_BYTES) return jpeg;
  }
  return null;
}
