import type { Enclosure, Landing, Mark } from '@/shared/api/generated/http'
import { type BenchState, jointAt } from '@/shared/bench/bench'
import { type BoxLayout, type Point, portAt, type Side } from './boxLayout'

/** One conductor as drawn: a path that runs behind the devices and a piece that comes round in front of them. */
export interface DrawnConductor {
  id: string
  colour: string
  behind: string
  front: string
}

const SQUARELY: Record<Side, Point> = {
  left: { x: 34, y: 0 },
  right: { x: -34, y: 0 },
  top: { x: 0, y: 32 },
  bottom: { x: 0, y: -32 },
}

export function drawConductors(
  box: Enclosure,
  layout: BoxLayout,
  bench: BenchState,
  marks: readonly Mark[],
): DrawnConductor[] {
  const ends = box.ends.map((end) => {
    const slot = layout.slots.get(end.id)!
    const step = SQUARELY[slot.side]
    const tip = bench.caps.includes(end.id) ? '' : `L${slot.x + step.x} ${slot.y + step.y}`
    const { behind, front } = target(end.id, layout, bench)
    return {
      id: end.id,
      colour: end.colour,
      behind: `M${slot.mouth.x} ${slot.mouth.y}L${slot.x} ${slot.y}${tip}${behind}`,
      front,
    }
  })
  return [...pigtails(layout, bench, marks), ...ends]
}

/** Pigtails from terminals into connectors, and leads wherever they go. */
function pigtails(layout: BoxLayout, bench: BenchState, marks: readonly Mark[]): DrawnConductor[] {
  return [...layout.landings.values()]
    .map((landing) => ({ ...landing, leads: target(landing.id, layout, bench) }))
    .filter(({ id, landing, leads }) => connectorOf(id, layout) || (landing?.shape === 'lead' && leads.behind))
    .map(({ id, landing, x, y, approach, leads }) => ({
      id,
      colour: pigtailColour(landing, marks),
      behind: `M${approach.x} ${approach.y}${leads.behind}`,
      front: `M${x} ${y}L${approach.x} ${approach.y}${leads.front}`,
    }))
}

/** Where a place's conductor leads to, beyond its flag or its screw. */
function target(id: string, layout: BoxLayout, bench: BenchState): { behind: string; front: string } {
  const connector = connectorOf(id, layout)
  if (connector) {
    const port = portAt(connector, connector.joint.points.indexOf(id))
    return { behind: `L${port.x} ${port.y - 14}L${port.x} ${port.y}`, front: '' }
  }
  const fixed = jointAt(bench, id)?.points.find((other) => other !== id && isFixed(other, layout))
  const landing = fixed ? layout.landings.get(fixed) : undefined
  if (!landing) return { behind: '', front: '' }
  const { approach } = landing
  return { behind: `L${approach.x} ${approach.y}`, front: `M${approach.x} ${approach.y}L${landing.x} ${landing.y}` }
}

function isFixed(id: string, layout: BoxLayout): boolean {
  const landing = layout.landings.get(id)
  return landing !== undefined && landing.landing?.shape !== 'lead'
}

function connectorOf(id: string, layout: BoxLayout) {
  return layout.connectors.find(({ joint }) => joint.points.includes(id))
}

/** A lead has its own colour; a pigtail is cut from what the terminal's finish and print call for. */
function pigtailColour(landing: Landing | null, marks: readonly Mark[]): string {
  if (landing?.shape === 'lead') return landing.finish
  const as =
    !landing || landing.finish === 'green' || landing.print === 'E'
      ? 'earth'
      : landing.finish === 'silver'
        ? 'neutral'
        : 'line'
  return marks.find((mark) => mark.as === as)?.colour ?? ''
}
