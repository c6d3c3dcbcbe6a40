import { orSay, reasonOf } from '@/shared/api/orSay'
import { onScopeDispose, ref, shallowRef } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { Move, Moved, Wall } from '@/shared/api/generated/http'

const ASK_MS = 5_000

/**
 * The room as it stands: asked for every few seconds, answered with nothing while nothing is new. A laptop that slept asks at
 * once when it wakes.
 */
export function useWall(evening: number) {
  const wall = shallowRef<Wall | null>(null)
  const failure = ref('')
  /** Seats that keep an exam shut, each with its reason. */
  const seats = ref<readonly string[]>([])
  /** Who was not started, and why. */
  const waits = ref<Moved['waits']>([])
  const now = ref(Date.now())
  let offsetMs = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let own = 0

  async function ask() {
    const turn = ++own
    clearTimeout(timer)
    await orSay(failure, async () => {
      const fresh = await api.wall(evening, wall.value?.tag ?? '')
      if (fresh) {
        offsetMs = Date.parse(fresh.serverTime) - Date.now()
        wall.value = fresh
      }
      failure.value = ''
    })
    if (turn === own) timer = setTimeout(() => void ask(), ASK_MS)
  }

  async function make(run: () => Promise<unknown>) {
    seats.value = []
    waits.value = []
    try {
      await run()
      failure.value = ''
    } catch (error) {
      failure.value = reasonOf(error)
      seats.value = error instanceof Refused ? error.problems.map(({ message }) => message) : []
      return
    } finally {
      const kept = failure.value
      await ask()
      if (kept) failure.value = kept
    }
  }

  const ticking = setInterval(() => {
    const before = now.value
    now.value = Date.now()
    // It slept: what is shown is old.
    if (now.value - before > 3 * ASK_MS) void ask()
  }, 1000)
  const woke = () => {
    if (document.visibilityState === 'visible') void ask()
  }
  document.addEventListener('visibilitychange', woke)
  window.addEventListener('online', woke)
  onScopeDispose(() => {
    own++
    clearTimeout(timer)
    clearInterval(ticking)
    document.removeEventListener('visibilitychange', woke)
    window.removeEventListener('online', woke)
  })
  void ask()

  /** Seconds that are left, by the server's clock. */
  const leftOf = (dueAt: string | null, left: number | null) =>
    dueAt === null ? left : Math.max(0, Math.round((Date.parse(dueAt) - now.value - offsetMs) / 1000))

  return {
    wall,
    failure,
    seats,
    waits,
    now,
    ask,
    leftOf,
    moveOne: (attempt: number, move: Move) => make(() => api.moveSitting(attempt, move)),
    moveAll: (move: Move) =>
      make(async () => {
        const told: Moved['waits'] = []
        for (const id of [wall.value?.assignment, wall.value?.retest]) {
          if (id) told.push(...(await api.moveAll(id, move)).waits)
        }
        waits.value = told
      }),
  }
}

export const clockOf = (seconds: number) =>
  `${String(Math.floor(seconds / 60)).padStart(2, '0')}:${String(seconds % 60).padStart(2, '0')}`
