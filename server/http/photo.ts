/** 1.5 MiB: a phone's picture scaled to about 1600 pixels. */
export const MOST_PHOTO_BYTES = 1536 * 1024

/** The kind of picture by its first bytes; a browser's word for it is not taken. */
export function photoType(bytes: Buffer): string | undefined {
  if (bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff]))) return 'image/jpeg'
  if (bytes.subarray(0, 8).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]))) return 'image/png'
  if (bytes.toString('latin1', 0, 4) === 'RIFF' && bytes.toString('latin1', 8, 12) === 'WEBP') return 'image/webp'
  return undefined
}
