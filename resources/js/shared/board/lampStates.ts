/** What a lamp does, by the letter of a truth table. */
export const LAMP_STATES: Record<string, 'on' | 'dim' | 'off'> = { '1': 'on', d: 'dim', '0': 'off' }
