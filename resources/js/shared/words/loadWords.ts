import { loaders } from 'virtual:words'
import { learnWords } from './say'

/** The words of a screen, in the language of the page; fetched once. */
export async function loadWords(group: string) {
  const load = loaders[`${document.documentElement.lang}/${group}`]
  if (load) learnWords(group, (await load()).default)
}

/** A screen with its words, which are there before any of its code runs. */
export const withWords = <Screen>(group: string, screen: () => Promise<Screen>) => {
  return () => loadWords(group).then(screen)
}
