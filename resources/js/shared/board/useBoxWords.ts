import { say } from '@/shared/words/say'
import { computed, type Ref } from 'vue'
import type { BoardLook, Enclosure } from '@/shared/api/generated/http'
import type { BenchState } from '@/shared/bench/bench'

/** What a connector is called, without its number of ports. */
export const connectorLabel = (board: BoardLook, by: string) =>
  board.tray.find((item) => item.by === by)?.label.replace(/ \d$/, '') ?? by

/** How the ends and places of an open box stand, in words: `joined on dark screw, place 3`, `in wire nut with the white of W2`. */
export function useBoxWords(of: Ref<{ board: BoardLook; box: Enclosure; bench: BenchState }>) {
  const endNames = computed(() => new Map(of.value.box.ends.map(({ id, name }) => [id, name])))
  const landingNames = computed(
    () => new Map(of.value.box.devices.flatMap(({ landings }) => landings).map(({ id, name }) => [id, name])),
  )
  const joints = computed(() => of.value.bench.joints.filter((joint) => joint.box === of.value.box.id))
  const joined = computed(() => {
    const told = new Map<string, { where: string; holds: string }>()
    for (const { by, points } of joints.value) {
      const names = points.map(placeName)
      for (const [i, id] of points.entries()) {
        const others = names.filter((_, other) => other !== i).join(', ')
        const label = connectorLabel(of.value.board, by)
        told.set(id, {
          where: say('shared.joined-what-others', {
            what: by === 'terminal' ? 'on' : say('shared.in-connectorlabel-with', { connectorLabel: label }),
            others,
          }),
          holds: others && say('shared.holds-others', { others }),
        })
      }
    }
    return told
  })
  const capped = computed(() => new Set(of.value.bench.caps))
  const STATES = { capped: say('shared.capped'), joined: say('shared.connected'), loose: say('shared.loose') }

  const nameOf = (id: string) => landingNames.value.get(id) ?? of.value.board.words.boxEarth
  const placeName = (id: string) => endNames.value.get(id) ?? nameOf(id)
  const stateOf = (id: string) => (capped.value.has(id) ? 'capped' : joined.value.has(id) ? 'joined' : 'loose')

  return {
    joints,
    nameOf,
    placeName,
    stateOf,
    whereIs: (id: string) => joined.value.get(id)?.where ?? STATES[stateOf(id)],
    holding: (id: string) => joined.value.get(id)?.holds ?? '',
  }
}
