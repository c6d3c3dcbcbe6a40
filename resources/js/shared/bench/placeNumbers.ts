import type { Enclosure } from '@/shared/api/generated/http'
import type { BenchState, Joint } from './bench'

/** The place by which a connector is taken: an end in it, since leads have numbers of their own. */
export function connectorHandle(joint: Joint, box: Enclosure): string {
  return joint.points.find((place) => box.ends.some(({ id }) => id === place)) ?? joint.points[0]!
}

/**
 * Every landing and connector of a box with the number that is typed for it: screws and holes, the box, leads, and connectors last,
 * so that making one changes no other number.
 */
export function placeNumbers(box: Enclosure, bench: BenchState): Map<string, number> {
  const landings = box.devices.flatMap((device) => device.landings)
  const connectors = bench.joints.filter((joint) => joint.box === box.id && joint.by !== 'terminal')
  const places = [
    ...landings.filter(({ shape }) => shape !== 'lead').map(({ id }) => id),
    ...(box.earth ? [box.earth] : []),
    ...landings.filter(({ shape }) => shape === 'lead').map(({ id }) => id),
    ...connectors.map((joint) => connectorHandle(joint, box)),
  ]
  return new Map([...new Set(places)].map((id, i) => [id, i + 1]))
}
