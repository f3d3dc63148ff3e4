/** A photo is kept no larger than this, longest side, px; and no heavier than the house takes. */
const LONGEST = 1600;
const HEAVIEST = 600_000;

/** The picture, redrawn by the browser at most so large: upright, and with nothing in it but what is seen. */
async function drawn(picture: ImageBitmap, longest: number, quality: number): Promise<Blob | null> {
  const by = Math.min(1, longest / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * by));
  canvas.height = Math.max(1, Math.round(picture.height * by));
  const on = canvas.getContext('2d');
  if (!on) return null;
  // What is see-through would be black.
  on.fillStyle = '#fff';
  on.fillRect(0, 0, canvas.width, canvas.height);
  on.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', quality));
}

const asAddress = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(new Error('the picture could not be read'));
    reader.readAsDataURL(blob);
  });

/**
 * A chosen photo as a small JPEG data address; empty where the browser cannot read it as a picture.
 */
export async function shrunk(file: Blob): Promise<string> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return '';
  }
  try {
    for (const [longest, quality] of [
      [LONGEST, 0.82],
      [1280, 0.75],
      [960, 0.65]
    ] as const) {
      const small = await drawn(picture, longest, quality);
      if (small && small.size <= HEAVIEST) return await asAddress(small);
    }
    return '';
  } finally {
    picture.close();
  }
}
