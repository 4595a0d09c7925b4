import { MOST_LOGO_LETTERS } from '~~/core'

/** Longest side that a photo keeps, pixels: enough to recognise a vessel by. */
const LONGEST = 1400
/** Of a logo: three centimetres in print. */
const LONGEST_OF_LOGO = 480

/** @throws Error in words if the browser can't read it as a picture */
async function scaled(file: File, longest: number, ground?: string): Promise<HTMLCanvasElement> {
  let bitmap: ImageBitmap
  try {
    bitmap = await createImageBitmap(file)
  } catch {
    throw new Error(`${file.name} can't be read as a picture; accepted: JPEG, PNG or WebP`)
  }
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * scale))
  canvas.height = Math.max(1, Math.round(bitmap.height * scale))
  const context = canvas.getContext('2d')!
  if (ground) {
    context.fillStyle = ground
    context.fillRect(0, 0, canvas.width, canvas.height)
  }
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return canvas
}

/**
 * A picture file scaled down to a JPEG, in base64.
 * @throws Error in words if the browser can't read it as a picture
 */
export async function photoFromFile(file: File): Promise<string> {
  return (await scaled(file, LONGEST)).toDataURL('image/jpeg', 0.82).split(',')[1]
}

/**
 * A picture file as a small one for the head of a sheet, as a data: address: a PNG, or a JPEG on white where that is
 * too large.
 * @throws Error in words if the browser can't read it as a picture
 */
export async function logoFromFile(file: File): Promise<string> {
  const drawn = (await scaled(file, LONGEST_OF_LOGO)).toDataURL('image/png')
  if (drawn.length <= MOST_LOGO_LETTERS) return drawn
  return (await scaled(file, LONGEST_OF_LOGO, '#fff')).toDataURL('image/jpeg', 0.85)
}
