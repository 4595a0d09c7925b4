/** Longest side that a photo keeps, pixels: enough to recognise a vessel by. */
const LONGEST = 1400

/**
 * A picture file scaled down to a JPEG, in base64.
 * @throws Error in words if the browser can't read it as a picture
 */
export async function photoFromFile(file: File): Promise<string> {
  let bitmap: ImageBitmap
  try {
    bitmap = await createImageBitmap(file)
  } catch {
    throw new Error(`${file.name} can't be read as a picture; accepted: JPEG, PNG or WebP`)
  }
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * scale))
  canvas.height = Math.max(1, Math.round(bitmap.height * scale))
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return canvas.toDataURL('image/jpeg', 0.82).split(',')[1]
}
