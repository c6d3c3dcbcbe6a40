/** Words of the screens, by `group.key`. Those that screens share come with the page, a screen's own just before it. */
type Words = Record<string, string>
type Params = Record<string, string | number | null | undefined>

const groups = new Map<string, Words>()

export function learnWords(group: string, words: Words) {
  groups.set(group, words)
}

/** What the page brought with it, in its own language. */
function shared(): Words {
  const there = groups.get('shared')
  if (there) return there
  const words = JSON.parse(document.getElementById('words')?.textContent ?? '{}') as Words
  groups.set('shared', words)
  return words
}

function find(key: string): string {
  const dot = key.indexOf('.')
  const group = key.slice(0, dot)
  const words = group === 'shared' ? shared() : groups.get(group)
  return words?.[key.slice(dot + 1)] ?? key
}

/** The longest name first: `:counted` is not `:count` with two letters behind it. */
function filled(text: string, params: Params): string {
  const names = Object.keys(params).sort((one, other) => other.length - one.length)
  if (names.length === 0) return text
  return text.replace(new RegExp(`:(${names.join('|')})`, 'g'), (_, name: string) => String(params[name] ?? ''))
}

export const say = (key: string, params: Params = {}) => filled(find(key), params)

/** `{0} none|{1} one|[2,*] :count of them`, as the server's own words are written. */
export function saySome(key: string, count: number, params: Params = {}): string {
  for (const choice of find(key).split('|')) {
    const [, one, least, most, text] = /^(?:\{(\d+)\}|\[(\d+),(\d+|\*)\])\s*(.*)$/s.exec(choice) ?? []
    const fits =
      one === undefined ? count >= Number(least) && (most === '*' || count <= Number(most)) : count === Number(one)
    if (text !== undefined && fits) return filled(text, { count, ...params })
  }
  return key
}
