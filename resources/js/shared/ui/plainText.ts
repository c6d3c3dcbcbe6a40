/** Text to search in: no accents, no capitals. */
export const plainText = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
