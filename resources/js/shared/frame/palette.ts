import { ref } from 'vue'

export const isPaletteOpen = ref(false)

export const openPalette = () => void (isPaletteOpen.value = true)
