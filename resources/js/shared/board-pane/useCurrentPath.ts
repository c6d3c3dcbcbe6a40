import { reasonOf } from '@/shared/api/orSay'
import { computed, readonly, ref, type Ref, shallowRef, watch } from 'vue'
import type { BoardLook, PathData, VerdictData } from '@/shared/api/generated/http'
import { coresOf } from './coresOf'
import { LAMP_STATES } from '@/shared/board/lampStates'
import { bitOf, positionsIn } from './positionsIn'

/** The chosen positions, what the lamps do there, and the current's path as the server worked it out. */
export function useCurrentPath(
  pathOf: (lamp: string, state: number) => Promise<PathData>,
  verdict: Ref<VerdictData>,
  board: Ref<BoardLook>,
  state: Ref<number>,
) {
  const lamp = ref('')
  const path = shallowRef<PathData | null>(null)
  const failure = ref('')

  const positions = computed(() => positionsIn(verdict.value, board.value, state.value))
  const paddles = computed(() => new Map(positions.value.map(({ box, position }) => [box, position])))
  const lamps = computed(
    () => new Map(verdict.value.lamps.map(({ box, states }) => [box, LAMP_STATES[states[state.value] ?? ''] ?? 'off'])),
  )
  const positionOf = computed(() => new Map(positions.value.map(({ id, position }) => [id, position])))
  const lampOf = computed(
    () => new Map(verdict.value.lamps.map(({ id, states }) => [id, LAMP_STATES[states[state.value] ?? ''] ?? 'off'])),
  )
  const tracedCores = computed(() => coresOf(board.value, path.value?.hops ?? []))
  const tracedPlaces = computed(() => new Set(path.value?.hops.flatMap(({ from, to }) => [from, to]) ?? []))

  lamp.value = verdict.value.lamps[0]?.id ?? ''
  // Another verdict, as of a board put right, has another way.
  watch([state, lamp, verdict], follow, { immediate: true })
  async function follow([wantedState, wantedLamp]: [number, string, VerdictData]) {
    if (!wantedLamp) return
    try {
      const found = await pathOf(wantedLamp, wantedState)
      if (state.value === wantedState && lamp.value === wantedLamp) path.value = found
      failure.value = ''
    } catch (error) {
      path.value = null
      failure.value = reasonOf(error)
    }
  }

  return {
    lamp,
    path: readonly(path),
    failure: readonly(failure),
    positions,
    positionOf,
    paddles,
    lamps,
    lampOf,
    tracedCores,
    tracedPlaces,
    flip: (i: number) => (state.value ^= bitOf(verdict.value, i)),
  }
}
