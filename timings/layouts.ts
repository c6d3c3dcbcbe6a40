/** What `timings/hand.mjs` measures alone: the layouts of the drawings. */
export { drawConductors } from '@/shared/board/boxConductors'
export { layOutBox } from '@/shared/board/boxLayout'
export { layOutMap } from '@/shared/board/mapLayout'
