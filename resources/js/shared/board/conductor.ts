import type { ConductorColour } from '@/shared/api/generated/http'

/** How a conductor is painted: its body, a stripe where it has two colours, and whether it is thin bare metal. */
export interface Paint {
  body: string
  stripe: string | null
  bare: boolean
}

const PAINTS: Record<ConductorColour, Paint> = {
  black: { body: '#2b2b2e', stripe: null, bare: false },
  red: { body: '#c62828', stripe: null, bare: false },
  blue: { body: '#1f5fbf', stripe: null, bare: false },
  white: { body: '#ffffff', stripe: null, bare: false },
  grey: { body: '#9a9fa6', stripe: null, bare: false },
  green: { body: '#2e8b3d', stripe: null, bare: false },
  bare: { body: '#c47f3e', stripe: null, bare: true },
  brown: { body: '#7a4a21', stripe: null, bare: false },
  yellow: { body: '#f2cf1d', stripe: null, bare: false },
  orange: { body: '#e8791a', stripe: null, bare: false },
  'green-yellow': { body: '#2e8b3d', stripe: '#f2e21d', bare: false },
}

/** The colours of leads and screws have the same names; anything else is drawn as plain metal. */
export function paintOf(colour: string): Paint {
  return PAINTS[colour as ConductorColour] ?? { body: '#c9c3b4', stripe: null, bare: false }
}
