import type { ConductorColour, Landing } from '@/shared/api/generated/http'

/** How a conductor is painted: its body, a stripe where it has two colours, and whether it is thin bare metal. */
export interface Paint {
  body: string
  stripe: string | null
  bare: boolean
}

const PAINTS: Record<ConductorColour, Paint> = {
  black: { body: 'var(--color-wire-black)', stripe: null, bare: false },
  red: { body: 'var(--color-wire-red)', stripe: null, bare: false },
  blue: { body: 'var(--color-wire-blue)', stripe: null, bare: false },
  white: { body: 'var(--color-wire-white)', stripe: null, bare: false },
  grey: { body: 'var(--color-wire-grey)', stripe: null, bare: false },
  green: { body: 'var(--color-wire-green)', stripe: null, bare: false },
  bare: { body: 'var(--color-wire-bare)', stripe: null, bare: true },
  brown: { body: 'var(--color-wire-brown)', stripe: null, bare: false },
  yellow: { body: 'var(--color-wire-yellow)', stripe: null, bare: false },
  orange: { body: 'var(--color-wire-orange)', stripe: null, bare: false },
  'green-yellow': { body: 'var(--color-wire-green)', stripe: 'var(--color-wire-stripe)', bare: false },
}

const EARTHS: readonly string[] = ['bare', 'green', 'green-yellow']

/** A protective conductor by its looks. */
export const isEarthColour = (colour: string) => EARTHS.includes(colour)

/** A terminal for one by its looks: green, or printed so. */
export const isEarthTerminal = ({ finish, print }: Pick<Landing, 'finish' | 'print'>) =>
  finish === 'green' || print === 'E'

/** The colours of leads and screws have the same names; anything else is drawn as plain metal. */
export function paintOf(colour: string): Paint {
  return PAINTS[colour as ConductorColour] ?? { body: 'var(--color-wire-unknown)', stripe: null, bare: false }
}
