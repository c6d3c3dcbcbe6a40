import { computed, nextTick, type WritableComputedRef } from 'vue'
import { type LocationQuery, type Router, useRoute, useRouter } from 'vue-router'

/** What is about to be told in the address: several things opened by one gesture are told by one step. */
const about = new WeakMap<Router, { query: LocationQuery; replace: boolean }>()

/**
 * Something open on a screen that its address tells of: a link leads to it, and back and forward do what they say. Empty is not
 * told. `replace` where going through it step by step should leave one step behind.
 */
export function useInAddress(name: string, replace = false): WritableComputedRef<string> {
  const route = useRoute()
  const router = useRouter()

  function tell(value: string) {
    const waiting = about.get(router)
    const query = { ...(waiting?.query ?? route.query) }
    if (value === '') delete query[name]
    else query[name] = value
    about.set(router, { query, replace: (waiting?.replace ?? true) && replace })
    if (!waiting) void nextTick(go)
  }

  function go() {
    const told = about.get(router)
    about.delete(router)
    if (told) void router[told.replace ? 'replace' : 'push']({ query: told.query })
  }

  return computed({
    get: () => (typeof route.query[name] === 'string' ? route.query[name] : ''),
    set: (value) => {
      const now = (about.get(router)?.query ?? route.query)[name]
      if ((value || undefined) !== now) tell(value)
    },
  })
}
