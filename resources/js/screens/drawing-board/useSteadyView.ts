import { type Ref, shallowRef, watch } from 'vue'
import type { Board } from '@/shared/api/generated/http'
import type { Spot } from '@/shared/board/layout/rects'
import { type View, viewOf } from './wallLayout'

/** How near the edge something may come before the view moves. */
const NEAR_MM = 120

/** The part of the wall that shows: it stays where it is under the hand until something would hang off it or the pane changes. */
export function useSteadyView(
  spots: () => ReadonlyMap<string, Spot>,
  aspect: Ref<number | null>,
  wall: () => Board['wall'],
): Ref<View> {
  const view = shallowRef(viewOf(spots(), aspect.value, wall()))
  watch([aspect, wall], () => (view.value = viewOf(spots(), aspect.value, wall())))
  watch(spots, (now) => {
    const { x, y, width, height } = view.value
    const isInside = ([left, top]: Spot) =>
      left > x + NEAR_MM && left < x + width - NEAR_MM && top > y + NEAR_MM && top < y + height - NEAR_MM
    if (![...now.values()].every(isInside)) view.value = viewOf(now, aspect.value, wall())
  })
  return view
}
