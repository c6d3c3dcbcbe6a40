import type { Layer } from '@/shared/api/generated/http'

export const LAYERS: readonly Layer[] = ['line', 'neutral', 'earth']

/** The places that are out of sight while some layers are hidden. */
export function hiddenPlaces(layers: Record<Layer, readonly string[]>, hidden: ReadonlySet<Layer>): Set<string> {
  return new Set(LAYERS.filter((layer) => hidden.has(layer)).flatMap((layer) => layers[layer]))
}
