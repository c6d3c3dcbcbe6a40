import { say } from '@/shared/words/say'
const MOST_PIXELS = 1600
const MOST_BYTES = 650_000

/**
 * A photograph made small in the browser: drawn anew, so that place, time and camera stay behind.
 *
 * @returns JPEG in base 64; throws for what is no picture
 */
export async function smallJpeg(file: File): Promise<string> {
  let picture: ImageBitmap
  try {
    picture = await createImageBitmap(file)
  } catch {
    throw new Error(say('station.that-is-not-a-photograph'))
  }
  const canvas = document.createElement('canvas')
  for (const [most, quality] of [
    [MOST_PIXELS, 0.82],
    [1280, 0.7],
    [960, 0.6],
  ] as const) {
    const scale = Math.min(1, most / Math.max(picture.width, picture.height))
    canvas.width = Math.max(1, Math.round(picture.width * scale))
    canvas.height = Math.max(1, Math.round(picture.height * scale))
    canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
    const [, base64 = ''] = canvas.toDataURL('image/jpeg', quality).split(',')
    if ((base64.length * 3) / 4 <= MOST_BYTES) return base64
  }
  throw new Error(say('station.that-photograph-is-too-large'))
}
