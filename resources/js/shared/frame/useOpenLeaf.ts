import { computed, type WritableComputedRef } from 'vue'
import { useInAddress } from './useInAddress'

/** The leaf that is open on a screen, by its place among those that there can be; the first is not in the address. */
export function useOpenLeaf(name: string, leaves: readonly string[]): WritableComputedRef<number> {
  const inAddress = useInAddress(name, true)
  return computed({
    get: () => Math.max(0, leaves.indexOf(inAddress.value)),
    set: (leaf) => (inAddress.value = leaf === 0 ? '' : (leaves[leaf] ?? '')),
  })
}
