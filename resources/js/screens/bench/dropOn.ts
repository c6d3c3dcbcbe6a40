import type { BoardLook } from '@/shared/api/generated/http'
import type { useHand } from '@/shared/hand/useHand'
import { say } from '@/shared/words/say'
import type { DropTarget } from './useDrag'

/** What is in hand is let go over a connector, a place or a tile of the tray; anywhere else it stays in hand. */
export function dropOn(target: DropTarget, hand: ReturnType<typeof useHand>, tray: BoardLook['tray']) {
  const isOverItself = target.place !== undefined && hand.carried.value.includes(target.place)
  if (target.connector) return hand.tapConnector(target.connector)
  if (target.place && !isOverItself) return hand.landOn(target.place)
  if (target.tray === 'cap') return hand.cap()
  if (target.tray === 'pigtail') return hand.takePigtail()
  const item = tray.find(({ by, ports }) => `${by}-${ports ?? ''}` === target.tray)
  if (item) hand.gather(item)
  else if (isOverItself || !target.tray) hand.announce(say('bench.youre-still-holding-it-drop'))
}
