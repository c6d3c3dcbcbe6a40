/** Every word of every screen, as the built page would have them. */
import { execFileSync } from 'node:child_process'
import { learnWords } from './shared/words/say'

const kept = globalThis as { zwindleWords?: Record<string, Record<string, string>> }
kept.zwindleWords ??= (
  JSON.parse(execFileSync('php', ['scripts/words.php'], { encoding: 'utf8' })) as Record<
    string,
    Record<string, Record<string, string>>
  >
).en!
for (const [group, words] of Object.entries(kept.zwindleWords)) learnWords(group, words)
