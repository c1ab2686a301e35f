/** A file that was chosen or taken cannot be kept as a photo. */
export class NotAPicture extends Error {}

const LONGEST_PX = 2048;
const QUALITY = 0.86;

/**
 * The picture as it is sent: a JPEG of at most 2048 pixels a side, so that a slow network carries it. The server draws
 * it anew all the same.
 */
export async function shrink(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new NotAPicture();
  });
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new NotAPicture())), 'image/jpeg', QUALITY),
  );
}
