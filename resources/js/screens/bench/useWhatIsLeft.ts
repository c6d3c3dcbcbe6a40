import { say } from '@/shared/words/say'
import { computed, type Ref } from 'vue'
import type { BoardLook, Enclosure } from '@/shared/api/generated/http'
import { type BenchState, jointAt } from '@/shared/bench/bench'

/** How far a box is: ends placed of all of them, and in words what holds nothing yet. */
export interface BoxLeft {
  id: string
  label: string
  placed: number
  ends: number
  open: string
}

/** Screws and holes that hold nothing: told by their name where it is one, by their number where there are several. */
function openAt(box: Enclosure, bench: BenchState): string {
  const open = box.devices
    .flatMap(({ landings }) => landings)
    .filter(({ id, shape }) => (shape === 'screw' || shape === 'hole') && !jointAt(bench, id))
  return open.length === 0
    ? ''
    : open.length === 1
      ? say('bench.name-open', { name: open[0]!.name })
      : say('bench.count-terminals-open', { count: open.length })
}

/** Box by box, how many ends and leads are joined or capped. */
export function useWhatIsLeft(board: Ref<BoardLook>, bench: Ref<BenchState>) {
  const left = computed<BoxLeft[]>(() =>
    board.value.enclosures.map((box) => {
      const leads = box.devices.flatMap(({ landings }) => landings).filter(({ shape }) => shape === 'lead')
      const ends = [...box.ends, ...leads].map(({ id }) => id)
      const placed = ends.filter((id) => bench.value.caps.includes(id) || jointAt(bench.value, id)).length
      return { id: box.id, label: box.label, placed, ends: ends.length, open: openAt(box, bench.value) }
    }),
  )
  const counts = computed(() => new Map(left.value.map(({ id, placed, ends }) => [id, `${placed}/${ends}`])))
  const looseCount = computed(() => left.value.reduce((sum, { placed, ends }) => sum + ends - placed, 0))

  return { left, counts, looseCount }
}
