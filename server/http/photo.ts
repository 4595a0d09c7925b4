import { setResponseHeaders, type H3Event } from 'h3'
import * as z from 'zod'
import { readJson } from './body'
import { refusal } from './faults'

/** 1.5 MiB: a phone's picture scaled to about 1600 pixels. */
const MOST_PHOTO_BYTES = 1536 * 1024

/** The kind of picture by its first bytes; a browser's word for it is not taken. */
export function photoType(bytes: Buffer): string | undefined {
  if (bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff]))) return 'image/jpeg'
  if (bytes.subarray(0, 8).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]))) return 'image/png'
  if (bytes.toString('latin1', 0, 4) === 'RIFF' && bytes.toString('latin1', 8, 12) === 'WEBP') return 'image/webp'
  return undefined
}

export interface Photo {
  type: string
  bytes: Buffer
}

const body = z.object({ photo: z.base64().nullable().describe('the file in base64; null removes it') })

/**
 * The photo in a request, or undefined where it is to be removed. @throws a refusal if it is too large or no picture
 */
export async function readPhotoBody(event: H3Event): Promise<Photo | undefined> {
  const { photo } = await readJson(event, body, Math.ceil((MOST_PHOTO_BYTES * 4) / 3) + 1024)
  if (photo === null) return undefined
  const bytes = Buffer.from(photo, 'base64')
  if (bytes.length > MOST_PHOTO_BYTES)
    throw refusal(
      [{ input: 'photo', message: `given ${bytes.length} bytes; accepted: at most ${MOST_PHOTO_BYTES}` }],
      413,
    )
  const type = photoType(bytes)
  if (!type)
    throw refusal([{ input: 'photo', message: 'given a file of another kind; accepted: a JPEG, PNG or WebP picture' }])
  return { type, bytes }
}

/** Shown as the picture it is and nothing else, whatever is in the bytes. @throws a 404 without one */
export function photoAnswer(event: H3Event, photo: Photo | undefined): Buffer {
  if (!photo) throw refusal([{ input: 'id', message: 'there is no photo of this' }], 404)
  setResponseHeaders(event, {
    'content-type': photo.type,
    'content-disposition': 'inline',
    'cache-control': 'private, max-age=31536000, immutable',
    'content-security-policy': "default-src 'none'; sandbox",
  })
  return photo.bytes
}
