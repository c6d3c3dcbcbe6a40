import { computed, type WritableComputedRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/**
 * Something open on a screen that its address tells of: a link leads to it, and back and forward do what they say. Empty is not
 * told. `replace` where going through it step by step should leave one step behind.
 */
export function useInAddress(name: string, replace = false): WritableComputedRef<string> {
  const route = useRoute()
  const router = useRouter()
  return computed({
    get: () => (typeof route.query[name] === 'string' ? route.query[name] : ''),
    set: (value) => {
      const query = { ...route.query }
      if (value === '') delete query[name]
      else query[name] = value
      if (query[name] !== route.query[name]) void router[replace ? 'replace' : 'push']({ query })
    },
  })
}
