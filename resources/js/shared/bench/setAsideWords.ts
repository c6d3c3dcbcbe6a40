import { say } from '@/shared/words/say'
import { reasonFor } from '@/shared/bench/reasons'

/** Why a step was kept but not applied; the codes come with the step from the server. */
const WORDS: Record<string, string> = {
  'after-hand-in': say('shared.the-board-was-handed-in'),
  late: say('shared.time-was-up'),
  'left-behind': say('shared.the-board-was-worked-on'),
  paused: say('shared.the-clock-was-paused'),
  withdrawn: say('shared.the-trainee-was-withdrawn'),
  'not-open-yet': say('shared.the-exam-was-not-open'),
  'sitting-closed': say('shared.the-exam-was-closed'),
  'exam-open': say('shared.an-exam-was-open'),
  'marks-are-out': say('shared.the-marks-were-released'),
}

const MISFIT = 'does-not-fit:'

export function setAsideWords(reason: string): string {
  if (reason.startsWith(MISFIT))
    return say('shared.it-did-not-fit-reasonfor', { reasonFor: reasonFor(reason.slice(MISFIT.length)) })
  return WORDS[reason] ?? reason
}
