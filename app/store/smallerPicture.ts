/**
 * A picture made smaller, as JPEG: its longer side no more than so many pixels.
 * @throws Error for what is no picture
 */
export async function smallerPicture(file: Blob, mostPx: number): Promise<Blob> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, mostPx / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const context = canvas.getContext('2d');
  if (!context) throw new Error('nothing to draw on');
  // What is see-through would turn black.
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((resolve, reject) => {
    canvas.toBlob((made) => (made ? resolve(made) : reject(new Error('not drawn'))), 'image/jpeg', 0.85);
  });
}
