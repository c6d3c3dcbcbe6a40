import { computed, type Ref, ref } from 'vue'
import type { Layer, VerdictData } from '@/shared/api/generated/http'
import { hiddenPlaces } from '@/shared/board/layers'

/** Which layers of the picture are out of sight, and what that hides. */
export function useLayers(verdict: Ref<VerdictData | null>) {
  const hidden = ref<ReadonlySet<Layer>>(new Set())

  function toggle(layer: Layer) {
    const next = new Set(hidden.value)
    if (!next.delete(layer)) next.add(layer)
    hidden.value = next
  }

  return {
    hidden,
    toggle,
    places: computed(() => (verdict.value ? hiddenPlaces(verdict.value.layers, hidden.value) : new Set<string>())),
  }
}
