import widths from './letterWidths.json'

/** Thousandths of its size that a letter is wide; one that the table lacks is taken for a wide one. */
const WIDTHS: Readonly<Record<string, number>> = widths
const UNKNOWN = 700
const MORE = '…'

export const wide = (text: string, size: number): number => {
  let sum = 0
  for (const letter of text) sum += WIDTHS[letter] ?? UNKNOWN
  return (sum * size) / 1000
}

/** In two lines that are as equal as its words allow; null for a single word. */
export function inTwo(text: string): [string, string] | null {
  const words = text.split(' ')
  let best: [string, string] | null = null
  let least = Infinity
  for (let i = 1; i < words.length; i++) {
    const lines: [string, string] = [words.slice(0, i).join(' '), words.slice(i).join(' ')]
    const width = Math.max(wide(lines[0], 1), wide(lines[1], 1))
    if (width < least) [best, least] = [lines, width]
  }
  return best
}

/** As much of a text as goes into a width, with a sign that there is more. */
export function shortened(text: string, size: number, room: number): string {
  if (wide(text, size) <= room) return text
  const letters = [...text]
  while (letters.length > 1 && wide(letters.join('').trimEnd() + MORE, size) > room) letters.pop()
  return letters.join('').trimEnd() + MORE
}
