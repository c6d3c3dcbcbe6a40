import { say } from './say'

/** What a position of a switch is called. */
export const positionName = (position: string) => (position === 'up' ? say('shared.up') : say('shared.down'))
