import { computed } from 'vue'
import { useInAddress } from './useInAddress'

/** The box that is open on a screen, by its address; null for the whole board. */
export function useOpenBox() {
  const inAddress = useInAddress('box', true)
  return computed<string | null>({
    get: () => inAddress.value || null,
    set: (box) => (inAddress.value = box ?? ''),
  })
}
