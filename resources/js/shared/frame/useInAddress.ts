import { computed, type ShallowRef, shallowRef, type WritableComputedRef } from 'vue'
import { type LocationQuery, type Router, useRoute, useRouter } from 'vue-router'

/**
 * What is open and about to go into the address: several things opened by one gesture go in by one step, and the frame that
 * shows them is drawn first.
 */
interface About {
  path: string
  query: LocationQuery
  replace: boolean
}
const about = new WeakMap<Router, ShallowRef<About | null>>()
const FRAME_DRAWN_MS = 30

function aboutOf(router: Router): ShallowRef<About | null> {
  const known = about.get(router) ?? shallowRef(null)
  about.set(router, known)
  return known
}

/**
 * Something open on a screen that is in its address: a link leads to it, and back and forward do what they say. Empty is not
 * told. `replace` where going through it step by step should leave one step behind.
 */
export function useInAddress(name: string, replace = false): WritableComputedRef<string> {
  const route = useRoute()
  const router = useRouter()

  const waiting = aboutOf(router)
  const queryNow = () => (waiting.value?.path === route.path ? waiting.value.query : route.query)

  function tell(value: string) {
    const query = { ...queryNow() }
    if (value === '') delete query[name]
    else query[name] = value
    if (!waiting.value) setTimeout(go, FRAME_DRAWN_MS)
    waiting.value = { path: route.path, query, replace: (waiting.value?.replace ?? true) && replace }
  }

  async function go() {
    const told = waiting.value
    if (told && told.path === router.currentRoute.value.path)
      await router[told.replace ? 'replace' : 'push']({ query: told.query })
    if (waiting.value === told) waiting.value = null
    else void go()
  }

  return computed({
    get: () => {
      const value = queryNow()[name]
      return typeof value === 'string' ? value : ''
    },
    set: (value) => {
      if ((value || undefined) !== queryNow()[name]) tell(value)
    },
  })
}
