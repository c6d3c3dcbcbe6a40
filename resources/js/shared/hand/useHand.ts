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

  function say(text: string) {
    said.value = text
  }

  function putDown() {
    carried.value = []
    pigtail.value = null
  }

  function does(step: Step, done: string) {
    const reason = make(step)
    refused(reason !== null)
    say(reason ? reasonFor(reason) : done)
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
    if (pigtail.value) return say('A pigtail of a connector goes to a screw. Esc puts it down.')
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
      return say('Pigtail of this connector in hand: tap the screw it goes to.')
    }
    if (carried.value.length === 1 && place?.fixed) return say(pigtailFrom(first!))
    say('Take a connector or a screw first, then a pigtail from it.')
  }

  function landPigtail(id: string) {
    const from = pigtail.value!
    does({ do: 'land', points: [id], on: from }, `Pigtail on ${nameOf(id)}.`)
  }

  /** A typed number. */
  function tapNumber(number: number) {
    const id = [...numbers.value].find(([, candidate]) => candidate === number)?.[0]
    if (!id) {
      refused(true)
      return say(`There is no place ${number} in this box.`)
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
    if (carried.value.length === 0) return say('Put down.')
    const isPigtail = carried.value.length === 1 && places.value.get(id)?.fixed
    say(isPigtail ? pigtailFrom(id) : `In hand: ${inHand()}.`)
  }

  const pigtailFrom = (screw: string) => `Pigtail from ${nameOf(screw)} in hand: tap a connector.`
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
    say(`In hand: ${inHand()}.`)
  }

  function landOn(id: string) {
    if (pigtail.value) return landPigtail(id)
    if (carried.value.length === 0) return say('Take an end in hand first.')
    const joint = jointAt(bench.value, id)
    const isConnector = joint !== undefined && joint.by !== 'terminal'
    const count = (joint?.points.length ?? 0) + carried.value.length
    does(
      { do: 'land', points: [...carried.value], on: id },
      isConnector ? `In the connector: ${inHand()}. It holds ${count} now.` : `On ${nameOf(id)}: ${inHand()}.`,
    )
  }

  function gather(item: TrayItem) {
    if (carried.value.length < 2) return say(`Take two ends or more in hand, then the ${item.label}.`)
    does(
      { do: 'gather', points: [...carried.value], by: item.by, ports: item.ports },
      `In a ${item.label}: ${inHand()}.`,
    )
  }

  function cap() {
    if (carried.value.length === 0) return say('Take an end in hand first, then cap it.')
    does({ do: 'cap', points: [...carried.value] }, `Capped: ${inHand()}.`)
  }

  function takeOff() {
    const joined = carried.value.filter((id) => jointAt(bench.value, id) || bench.value.caps.includes(id))
    if (joined.length === 0) return say('Nothing in hand is joined or capped.')
    does({ do: 'take', points: joined }, `Loose now: ${joined.map(nameOf).join('; ')}.`)
  }

  function mark(as: MarkedAs) {
    const ends = carried.value.filter((id) => places.value.get(id)?.end)
    if (ends.length === 0) return say('Take an end in hand first, then mark it.')
    const isSo = ends.every((id) => bench.value.marks[id] === as)
    does({ do: 'mark', points: ends, as: isSo ? null : as }, isSo ? `Mark off: ${inHand()}.` : `Marked: ${inHand()}.`)
  }

  function undo() {
    does({ do: 'undo' }, 'Undone.')
  }

  function redo() {
    does({ do: 'redo' }, 'Done again.')
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
    say,
  }
}

export type Hand = ReturnType<typeof useHand>
