import { useLocalStorage } from '@vueuse/core'
import { watch } from 'vue'

const night = useLocalStorage('zwindle-night', false)

watch(night, (isNight) => document.documentElement.classList.toggle('night', isNight), { immediate: true })

/** Whether the screen is dark: for a projector in a dark room. The browser keeps it. */
export function useNight() {
  return night
}
