import { say } from '@/shared/words/say'
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'

const LAPTOP_PX = 13
const TABLET_PX = 14

/** How tall the letters of drawings are, in pixels: taller where a finger points and on smaller screens. */
export function useLetter() {
  const isTablet = useMediaQuery(say('shared.max-width-1100px-pointer-coarse'))
  return computed(() => (isTablet.value ? TABLET_PX : LAPTOP_PX))
}
