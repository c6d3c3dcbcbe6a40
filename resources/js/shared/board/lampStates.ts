import { say } from '@/shared/words/say'

/** What a lamp does, by the letter of a truth table. */
export const LAMP_STATES: Record<string, 'on' | 'dim' | 'off'> = { '1': 'on', d: 'dim', '0': 'off' }

/** What is written beside a lamp in each state. */
export const lampWord = (state: 'on' | 'dim' | 'off' | 'flickers') => say(`shared.lamp-${state}`)
