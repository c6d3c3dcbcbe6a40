import { execFileSync } from 'node:child_process'
import type { Plugin } from 'vite'

const MODULE = 'virtual:words'

type Languages = Record<string, Record<string, Record<string, string>>>

/** The words of the screens from the server's own language files, one module for each language and screen. */
export function words(): Plugin {
  let languages: Languages = {}
  const folder = process.env.ZWINDLE_LANG ?? 'lang'
  return {
    name: 'zwindle-words',
    buildStart() {
      languages = JSON.parse(execFileSync('php', ['scripts/words.php', folder], { encoding: 'utf8' })) as Languages
    },
    resolveId: (id) => (id.startsWith(MODULE) ? `\0${id}` : undefined),
    load(id) {
      if (!id.startsWith(`\0${MODULE}`)) return undefined
      const [, language, group] = id.slice(1).split('/')
      if (language && group) return `export default ${JSON.stringify(languages[language]?.[group] ?? {})}`
      const names = Object.entries(languages).flatMap(([name, groups]) =>
        Object.keys(groups)
          .filter((one) => one !== 'shared')
          .map((one) => `${name}/${one}`),
      )
      return `export const loaders = {${names.map((name) => `'${name}': () => import('${MODULE}/${name}')`).join(',')}}`
    },
  }
}
