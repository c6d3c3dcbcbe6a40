import type { StepBack, Step } from '@/shared/api/generated/http'
import type { BoardLook, Connector, End, Landing, MarkedAs } from '@/shared/api/generated/http'

/**
 * The bench as it stands after some steps. The server keeps the same rules in PHP and has the last word; the cases in
 * tests/Corpus/bench hold the two together.
 */
export interface Joint {
  box: string
  by: 'terminal' | Connector
  ports: number | null
  points: string[]
}

export interface BenchState {
  joints: readonly Joint[]
  caps: readonly string[]
  marks: Readonly<Record<string, MarkedAs>>
}

export interface Place {
  id: string
  box: string
  /** Screwed down where it is: a terminal or the earth of a box. */
  fixed: boolean
  end: End | null
  landing: Landing | null
}

export type Places = ReadonlyMap<string, Place>

export class StepDoesNotFit extends Error {}

export const bareBench: BenchState = { joints: [], caps: [], marks: {} }

export function placesOf(board: BoardLook): Places {
  const places = new Map<string, Place>()
  for (const box of board.enclosures) {
    if (box.earth) places.set(box.earth, { id: box.earth, box: box.id, fixed: true, end: null, landing: null })
    for (const device of box.devices) {
      for (const landing of device.landings) {
        places.set(landing.id, { id: landing.id, box: box.id, fixed: landing.shape !== 'lead', end: null, landing })
      }
    }
    for (const end of box.ends) places.set(end.id, { id: end.id, box: box.id, fixed: false, end, landing: null })
  }
  return places
}

export function jointAt(bench: BenchState, place: string): Joint | undefined {
  return bench.joints.find((joint) => joint.points.includes(place))
}

/** Every kind of step but undo and redo, which are the log's. */
export type Deed = Exclude<Step, StepBack>

export function apply(bench: BenchState, step: Deed, places: Places): BenchState {
  const points = step.points.map((id: string) => find(places, id))
  if (new Set(points.map((point) => point.box)).size > 1) throw new StepDoesNotFit('other-box')
  switch (step.do) {
    case 'land':
      return land(bench, step.points, step.on, places)
    case 'gather':
      return gather(bench, step.points, step.by, step.ports ?? null, places)
    case 'take':
      return take(bench, step.points, places)
    case 'cap':
      return cap(bench, step.points, places)
    case 'mark':
      return mark(bench, step.points, step.as, places)
  }
}

function find(places: Places, id: string): Place {
  const place = places.get(id)
  if (!place) throw new StepDoesNotFit('unknown-place')
  return place
}

function land(bench: BenchState, ids: string[], on: string, places: Places): BenchState {
  const target = find(places, on)
  const box = find(places, ids[0] ?? '').box
  if (target.box !== box) throw new StepDoesNotFit('other-box')
  if (ids.includes(on)) throw new StepDoesNotFit('onto-itself')
  const joint = jointAt(bench, on)
  const coming = ids.filter((id) => !joint?.points.includes(id))
  const by = joint?.by ?? 'terminal'
  if (coming.length === 0) throw new StepDoesNotFit('already-there')
  if (!joint && !target.fixed) throw new StepDoesNotFit('not-a-landing')
  if (by === 'terminal' && coming.some((id) => places.get(id)?.fixed)) throw new StepDoesNotFit('two-terminals')
  if (joint?.ports && joint.points.length + coming.length > joint.ports) throw new StepDoesNotFit('connector-full')
  const lifted = lift(bench, coming, places)
  const held: Joint = joint
    ? { ...joint, points: [...joint.points, ...coming] }
    : { box, by: 'terminal', ports: null, points: [on, ...coming] }
  return { ...lifted, joints: [...lifted.joints.filter((other) => !other.points.includes(on)), held] }
}

function gather(bench: BenchState, ids: string[], by: Connector, ports: number | null, places: Places): BenchState {
  if (ids.length < 2) throw new StepDoesNotFit('one-alone')
  if (ports && ids.length > ports) throw new StepDoesNotFit('connector-full')
  const lifted = lift(bench, ids, places)
  return { ...lifted, joints: [...lifted.joints, { box: find(places, ids[0] ?? '').box, by, ports, points: ids }] }
}

function take(bench: BenchState, ids: string[], places: Places): BenchState {
  if (ids.some((id) => !jointAt(bench, id) && !bench.caps.includes(id))) throw new StepDoesNotFit('already-loose')
  return lift(bench, ids, places)
}

function cap(bench: BenchState, ids: string[], places: Places): BenchState {
  if (ids.some((id) => places.get(id)?.fixed)) throw new StepDoesNotFit('not-an-end')
  if (ids.every((id) => bench.caps.includes(id))) throw new StepDoesNotFit('already-there')
  const lifted = lift(bench, ids, places)
  return { ...lifted, caps: [...lifted.caps, ...ids] }
}

function mark(bench: BenchState, ids: string[], as: MarkedAs | null, places: Places): BenchState {
  if (ids.some((id) => !places.get(id)?.end)) throw new StepDoesNotFit('not-an-end')
  if (ids.every((id) => (bench.marks[id] ?? null) === as)) throw new StepDoesNotFit('already-there')
  const marks = Object.fromEntries(Object.entries(bench.marks).filter(([id]) => !ids.includes(id)))
  if (as) for (const id of ids) marks[id] = as
  return { ...bench, marks }
}

/** Takes places out of their joints; what cannot hold together any more comes loose. */
function lift(bench: BenchState, ids: string[], places: Places): BenchState {
  const joints = bench.joints
    .map((joint) => ({ ...joint, points: joint.points.filter((id) => !ids.includes(id)) }))
    .filter((joint) => joint.points.length >= 2)
    .filter((joint) => joint.by !== 'terminal' || joint.points.some((id) => places.get(id)?.fixed))
  return { ...bench, joints, caps: bench.caps.filter((id) => !ids.includes(id)) }
}
