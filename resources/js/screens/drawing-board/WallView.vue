<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Board, DrawnBox, DrawnCable } from '@/shared/api/generated/http'
import type { Spot } from '@/shared/board/layout/rects'
import { useLetter } from '@/shared/board/useLetter'
import { practiceOf } from '@/shared/practices'
import type { Label } from '@/shared/board/layout/labels'
import { drawWall, type DrawnRun } from './wallDrawing'
import { snap, snapToStuds, spotsOf, studsOf } from './wallLayout'
import { useSteadyView } from './useSteadyView'
import WallBox from './WallBox.vue'
import WallRun from './WallRun.vue'

const props = defineProps<{
  board: Board
  /** The box or cable that is worked on. */
  selected: string | null
  /** Boxes that can be chosen now. */
  offered: ReadonlySet<string>
  /** Boxes and cables with something wrong. */
  wrong: ReadonlySet<string>
  /** Model → what kind of part it is. */
  kinds: Readonly<Record<string, string>>
  asked: Spot | null
  /** What stands along the cables and at the boxes: of the preferred plan, or of a scheme that is looked at. */
  shown: { cables: readonly DrawnCable[]; boxes: readonly DrawnBox[] }
}>()
const emit = defineEmits<{
  wall: [at: Spot]
  box: [id: string]
  cable: [id: string]
  drop: [id: string, at: Spot, onto: string | null]
}>()

const DRAG_PX = 6
const ONTO_MM = 75
const svg = ref<SVGSVGElement | null>(null)
const cross = ref<Spot>([1200, 600])
const isPointing = ref(false)
const grid = computed(() => practiceOf(props.board.practice).gridMm)
const spots = computed(() => {
  const own = spotsOf(props.board)
  return drag.value?.id && drag.value.at ? new Map(own).set(drag.value.id, drag.value.at) : own
})
const { width, height } = useElementSize(svg)
const aspect = computed(() => (height.value > 0 ? width.value / height.value : null))
const view = useSteadyView(
  () => spotsOf(props.board),
  aspect,
  () => props.board.wall,
)
const said = computed(() => new Map(props.shown.cables.map((cable) => [cable.id, cable])))
const fills = computed(() => new Map(props.shown.boxes.map((box) => [box.id, box])))
/** Millimetres of the wall that a pixel is. */
const unit = computed(() =>
  width.value > 0 ? Math.max(view.value.width / width.value, view.value.height / height.value) : 2,
)
const letterPx = useLetter()
const drawn = computed(() =>
  drawWall({
    board: props.board,
    spots: spots.value,
    cables: said.value,
    fills: fills.value,
    view: view.value,
    unit: unit.value,
    letterPx: letterPx.value,
  }),
)
/** While a box is dragged most of the wall stays as it is: what looks the same is not drawn again. */
const labelLook = (label?: Label) =>
  label ? `${label.rect.x} ${label.rect.y} ${label.lines.map(({ text }) => text).join()}` : ''
const looksOf = (run: DrawnRun) => `${run.points.join()} ${run.sheath?.points.join() ?? ''} ${labelLook(run.label)}`
function placeOf(id: string) {
  const shape = drawn.value.boxes.get(id)
  return `${shape?.at.join()} ${shape?.halfHeight} ${labelLook(drawn.value.labels.get(id))}`
}
const holdsReceptacle = (box: string) =>
  props.board.devices.some(({ in: where, model }) => where === box && props.kinds[model] === 'receptacle')

/** The box under the finger, or the bare wall (null), and where it has been brought. */
const drag = ref<{ id: string | null; from: [number, number]; at: Spot | null } | null>(null)

function spotOf(event: PointerEvent | MouseEvent): Spot {
  const matrix = svg.value?.getScreenCTM()?.inverse()
  if (!matrix) return [0, 0]
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
  return snapToStuds([at.x, at.y], grid.value, props.board.wall)
}

function take(event: PointerEvent, id: string | null) {
  drag.value = { id, from: [event.clientX, event.clientY], at: null }
  svg.value?.setPointerCapture?.(event.pointerId)
}

function carry(event: PointerEvent) {
  if (!drag.value?.id) return
  const far = Math.hypot(event.clientX - drag.value.from[0], event.clientY - drag.value.from[1])
  if (far > DRAG_PX || drag.value.at) drag.value = { ...drag.value, at: spotOf(event) }
}

/** The other box that something is let go on. */
function boxUnder(event: PointerEvent, own: string): string | null {
  const [x, y] = spotOf(event)
  const spot = [...spots.value].find(
    ([id, at]) => id !== own && Math.abs(at[0] - x) < ONTO_MM && Math.abs(at[1] - y) < ONTO_MM,
  )
  return spot?.[0] ?? null
}

function drop(event: PointerEvent) {
  const done = drag.value
  drag.value = null
  if (!done) return
  if (!done.id) emit('wall', spotOf(event))
  else if (done.at) emit('drop', done.id, done.at, boxUnder(event, done.id))
  else emit('box', done.id)
}

const STEPS: Record<string, Spot> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
function steer(event: KeyboardEvent) {
  if (event.target !== svg.value) return
  const step = STEPS[event.key]
  if (step) {
    const far = grid.value * (event.shiftKey ? 1 : 4)
    cross.value = snap([cross.value[0] + step[0] * far, cross.value[1] + step[1] * far], grid.value)
  } else if (event.key === 'Enter') {
    emit('wall', cross.value)
  } else {
    return
  }
  event.preventDefault()
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`${view.x} ${view.y} ${view.width} ${view.height}`"
    class="h-full w-full touch-none"
    role="group"
    :aria-label="say('drawing-board.the-wall-arrow-keys-move')"
    tabindex="0"
    data-test="wall"
    data-board-drawing
    @pointerdown.self="take($event, null)"
    @pointermove="carry"
    @pointerup="drop"
    @pointercancel="drag = null"
    @keydown="steer"
    @focus="isPointing = svg?.matches(':focus-visible') ?? false"
    @blur="isPointing = false"
  >
    <defs>
      <pattern id="wall-grain" :width="grid * 2" :height="grid * 2" patternUnits="userSpaceOnUse">
        <path :d="`M${grid * 2} 0H0V${grid * 2}`" fill="none" stroke="var(--color-grain)" stroke-width="2" />
      </pattern>
    </defs>
    <rect v-bind="view" fill="var(--color-face)" pointer-events="none" />
    <rect v-bind="view" fill="url(#wall-grain)" pointer-events="none" />
    <g v-if="board.wall" fill="none" stroke="var(--color-soft)" pointer-events="none" data-test="face">
      <rect :width="board.wall.widthMm" :height="board.wall.heightMm" stroke-width="5" />
      <g v-for="(x, i) in studsOf(board.wall)" :key="x" data-test="stud">
        <path :d="`M${x} 0V${board.wall.heightMm}`" stroke-width="3" stroke-dasharray="6 26" />
        <text :x="x + 8" :y="board.wall.heightMm - 14" font-size="34" fill="var(--color-soft)" stroke="none">
          {{ i + 1 }}
        </text>
      </g>
    </g>
    <WallRun
      v-for="run in drawn.runs"
      :key="run.id"
      v-memo="[looksOf(run), said.get(run.id), unit, selected === run.id, wrong.has(run.id)]"
      :run="run"
      :said="said.get(run.id)"
      :unit="unit"
      :selected="selected === run.id"
      :wrong="wrong.has(run.id)"
      @choose="emit('cable', run.id)"
    />
    <WallBox
      v-for="box in board.enclosures"
      :key="box.id"
      v-memo="[
        placeOf(box.id),
        box,
        fills.get(box.id),
        holdsReceptacle(box.id),
        selected === box.id,
        offered.has(box.id),
        wrong.has(box.id),
      ]"
      :box="box"
      :shape="drawn.boxes.get(box.id)!"
      :label="drawn.labels.get(box.id)"
      :fill="fills.get(box.id)"
      :holds-receptacle="holdsReceptacle(box.id)"
      :selected="selected === box.id"
      :offered="offered.has(box.id)"
      :wrong="wrong.has(box.id)"
      @take="(event) => take(event, box.id)"
      @choose="emit('box', box.id)"
    />
    <g
      v-if="asked"
      :transform="`translate(${asked[0]} ${asked[1]})`"
      stroke="var(--color-violet)"
      stroke-width="8"
      fill="none"
    >
      <circle r="46" fill="var(--color-wash)" />
      <path d="M0 -24V24M-24 0H24" />
    </g>
    <path
      v-if="isPointing"
      :d="`M${cross[0] - 50} ${cross[1]}h100M${cross[0]} ${cross[1] - 50}v100`"
      stroke="var(--color-violet)"
      stroke-width="7"
      data-test="cross"
    />
  </svg>
</template>
