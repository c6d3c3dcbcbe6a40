import { reasonFor } from '@/shared/bench/reasons'

/** Why a step was kept but not applied; the codes come with the step from the server. */
const WORDS: Record<string, string> = {
  'after-hand-in': 'the board was handed in',
  late: 'time was up',
  'left-behind': 'the board was worked on from another device',
  paused: 'the clock was paused',
  withdrawn: 'the trainee was taken out',
  'not-open-yet': 'the exam was not open yet',
  'sitting-closed': 'the exam was closed',
  'exam-open': 'an exam was open',
  'marks-are-out': 'the marks were out',
}

const MISFIT = 'does-not-fit:'

export function setAsideWords(reason: string): string {
  if (reason.startsWith(MISFIT)) return `it did not fit (${reasonFor(reason.slice(MISFIT.length))})`
  return WORDS[reason] ?? reason
}
