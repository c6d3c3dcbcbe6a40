import { say } from '@/shared/words/say'
import { computed, readonly, ref, type Ref } from 'vue'
import type { BoardLook, Enclosure, MarkedAs, Step, TrayItem } from '@/shared/api/generated/http'
import { type BenchState, jointAt, type Places } from '@/shared/bench/bench'
import { connectorHandle, placeNumbers } from '@/shared/bench/placeNumbers'
import { isEarthColour, isEarthTerminal } from '@/shared/board/conductor'
import { reasonFor } from '@/shared/bench/reasons'

/** What is in hand, and what a tap does with it: the one place where gestures become steps. */
export function useHand(
  board: Ref<BoardLook>,
  box: Ref<Enclosure>,
  bench: Ref<BenchState>,
  places: Ref<Places>,
  make: (step: Step) => string | null,
  /** Whether a landing was refused; one that was made ends a row of them. */
  refused: (isRefused: boolean) => void = () => {},
) {
  const carried = ref<string[]>([])
  const said = ref('')
  /** The connector whose pigtail is in hand, by its first place. */
  const pigtail = ref<string | null>(null)

  const numbers = computed(() => placeNumbers(box.value, bench.value))

  /** The numbers to show: only where what is in hand may go. */
  const targets = computed(() => {
    if (pigtail.value) return new Map([...numbers.value].filter(([id]) => isBare(id)))
    if (carried.value.length === 0) return new Map<string, number>()
    return new Map([...numbers.value].filter(([id]) => canGoTo(id)))
  })

  /** A screw or a hole that holds nothing yet. */
  const isBare = (id: string) => places.value.get(id)?.fixed === true && !jointAt(bench.value, id)

  function canGoTo(id: string): boolean {
    if (carried.value.includes(id)) return false
    const joint = jointAt(bench.value, id)
    const place = places.value.get(id)
    const onlyEnds = carried.value.every((held) => !places.value.get(held)?.fixed)
    if (!joint) return onlyEnds && place?.fixed === true
    if (carried.value.every((held) => joint.points.includes(held))) return false
    return joint.by === 'terminal' ? onlyEnds : !joint.ports || joint.points.length < joint.ports
  }

  function announce(text: string) {
    said.value = text
  }

  function putDown() {
    carried.value = []
    pigtail.value = null
  }

  function does(step: Step, done: string) {
    const reason = make(step)
    refused(reason !== null)
    announce(reason ? reasonFor(reason) : done)
    if (!reason) putDown()
  }

  function nameOf(id: string): string {
    const place = places.value.get(id)
    return place?.end?.name ?? place?.landing?.name ?? board.value.words.boxEarth
  }

  /** A tap on an end or a landing. */
  function tap(id: string) {
    const place = places.value.get(id)
    if (!place) return
    if (pigtail.value && place.fixed) return landPigtail(id)
    if (place.end) return toggle(id)
    if (carried.value.length > 0 && canGoTo(id)) return landOn(id)
    const joint = jointAt(bench.value, id)
    if (joint?.by === 'terminal' && place.fixed) toggleAll(joint.points.filter((point) => point !== id))
    else toggle(id)
  }

  function tapConnector(first: string) {
    const joint = jointAt(bench.value, first)
    if (!joint) return
    if (pigtail.value) return announce(say('shared.a-pigtail-from-a-connector'))
    if (carried.value.length > 0) landOn(first)
    else toggleAll(joint.points)
  }

  /** A short piece between a connector and a screw: whichever of the two is taken first, the other is tapped next. */
  function takePigtail() {
    const [first] = carried.value
    const place = places.value.get(first ?? '')
    const joint = first ? jointAt(bench.value, first) : undefined
    if (joint && joint.by !== 'terminal' && joint.points.length === carried.value.length) {
      carried.value = []
      pigtail.value = joint.points[0]!
      return announce(say('shared.holding-a-pigtail-from-this'))
    }
    if (carried.value.length === 1 && place?.fixed) return announce(pigtailFrom(first!))
    announce(say('shared.choose-a-connector-or-a'))
  }

  function landPigtail(id: string) {
    const from = pigtail.value!
    does({ do: 'land', points: [id], on: from }, say('shared.pigtail-on-name', { name: nameOf(id) }))
  }

  /** A typed number. */
  function tapNumber(number: number) {
    const id = [...numbers.value].find(([, candidate]) => candidate === number)?.[0]
    if (!id) {
      refused(true)
      return announce(say('shared.there-is-no-place', { number }))
    }
    if (targets.value.has(id)) return landOn(id)
    const joint = jointAt(bench.value, id)
    if (joint && joint.by !== 'terminal' && connectorHandle(joint, box.value) === id) tapConnector(id)
    else tap(id)
  }

  function toggle(id: string) {
    pigtail.value = null
    const held = carried.value.filter((other) => places.value.get(other)?.box === box.value.id)
    carried.value = held.includes(id) ? held.filter((other) => other !== id) : [...held, id]
    if (carried.value.length === 0) return announce(say('shared.put-down-2'))
    const isPigtail = carried.value.length === 1 && places.value.get(id)?.fixed
    announce(isPigtail ? pigtailFrom(id) : say('shared.holding-inhand', { inHand: inHand() }))
  }

  const pigtailFrom = (screw: string) => say('shared.holding-a-pigtail-from-name', { name: nameOf(screw) })
  const inHand = () => carried.value.map(nameOf).join('; ')

  /** Every loose end of the same color in this box; with a ground also the ground screws that hold nothing yet. */
  function takeAlike(id: string) {
    const own = box.value.ends.find((end) => end.id === id)
    if (!own) return
    const isLoose = (place: string) => !jointAt(bench.value, place) && !bench.value.caps.includes(place)
    const ends = box.value.ends.filter(({ colour }) => colour === own.colour).map((end) => end.id)
    const screws = isEarthColour(own.colour) ? earthScrews() : []
    toggleAll([...new Set([id, ...[...ends, ...screws].filter(isLoose)])])
  }

  function earthScrews(): string[] {
    const landings = box.value.devices.flatMap((device) => device.landings)
    const screws = landings.filter((landing) => landing.shape !== 'lead' && isEarthTerminal(landing))
    return [...screws.map((landing) => landing.id), ...(box.value.earth ? [box.value.earth] : [])]
  }

  function toggleAll(ids: string[]) {
    carried.value = ids
    announce(say('shared.holding-inhand', { inHand: inHand() }))
  }

  function landOn(id: string) {
    if (pigtail.value) return landPigtail(id)
    if (carried.value.length === 0) return announce(say('shared.pick-up-a-wire-first'))
    const joint = jointAt(bench.value, id)
    const isConnector = joint !== undefined && joint.by !== 'terminal'
    const count = (joint?.points.length ?? 0) + carried.value.length
    does(
      { do: 'land', points: [...carried.value], on: id },
      isConnector
        ? say('shared.inhand-in-the-connector-it', { inHand: inHand(), count })
        : say('shared.inhand-on-name', { name: nameOf(id), inHand: inHand() }),
    )
  }

  function gather(item: TrayItem) {
    if (carried.value.length < 2) return announce(say('shared.pick-up-two-or-more', { connector: item.label }))
    does(
      { do: 'gather', points: [...carried.value], by: item.by, ports: item.ports },
      say('shared.inhand-in-a-label', { label: item.label, inHand: inHand() }),
    )
  }

  function cap() {
    if (carried.value.length === 0) return announce(say('shared.pick-up-a-wire-first-2'))
    does({ do: 'cap', points: [...carried.value] }, say('shared.capped-inhand', { inHand: inHand() }))
  }

  function takeOff() {
    const joined = carried.value.filter((id) => jointAt(bench.value, id) || bench.value.caps.includes(id))
    if (joined.length === 0) return announce(say('shared.what-youre-holding-is-not'))
    does({ do: 'take', points: joined }, say('shared.loose-now-what', { what: joined.map(nameOf).join('; ') }))
  }

  function mark(as: MarkedAs) {
    const ends = carried.value.filter((id) => places.value.get(id)?.end)
    if (ends.length === 0) return announce(say('shared.pick-up-a-wire-first-3'))
    const isSo = ends.every((id) => bench.value.marks[id] === as)
    does(
      { do: 'mark', points: ends, as: isSo ? null : as },
      isSo
        ? say('shared.mark-removed-inhand', { inHand: inHand() })
        : say('shared.marked-inhand', { inHand: inHand() }),
    )
  }

  function undo() {
    does({ do: 'undo' }, say('shared.undone'))
  }

  function redo() {
    does({ do: 'redo' }, say('shared.done-again'))
  }

  return {
    carried: readonly(carried) as Readonly<Ref<readonly string[]>>,
    said: readonly(said),
    numbers,
    targets,
    tap,
    tapConnector,
    tapNumber,
    toggle,
    takeAlike,
    landOn,
    gather,
    takePigtail,
    isPigtailInHand: computed(() => pigtail.value !== null),
    cap,
    takeOff,
    mark,
    undo,
    redo,
    putDown,
    announce,
  }
}

export type Hand = ReturnType<typeof useHand>
