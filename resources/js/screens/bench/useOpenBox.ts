import { computed } from 'vue'
import type { Enclosure } from '@/shared/api/generated/http'
import { useInAddress } from '@/shared/frame/useInAddress'

/** Which box is open, by the address. The first box to be wired is open at first, and the address does not tell of it. */
export function useOpenBox(boxes: () => readonly Enclosure[]) {
  const inAddress = useInAddress('box', true)
  const first = computed(() => (boxes().find(({ kind }) => kind !== 'supply') ?? boxes()[0])?.id ?? '')

  return computed({
    get: () => inAddress.value || first.value,
    set: (id) => (inAddress.value = id === first.value ? '' : id),
  })
}
