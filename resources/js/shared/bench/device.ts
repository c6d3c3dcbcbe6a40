/** A short random name; crypto.randomUUID does not exist on a workshop's plain HTTP address. */
export function randomName(length = 10): string {
  const letters = 'abcdefghjkmnpqrstuvwxyz23456789'
  const bytes = crypto.getRandomValues(new Uint8Array(length))
  return Array.from(bytes, (byte) => letters[byte % letters.length]).join('')
}

/** The name of this tablet, kept by the browser, and of this opening of the page. */
export function deviceName(): string {
  let tablet = localStorage.getItem('zwindle-tablet')
  if (!tablet) {
    tablet = randomName(8)
    localStorage.setItem('zwindle-tablet', tablet)
  }
  return `${tablet}-${randomName(6)}`
}
