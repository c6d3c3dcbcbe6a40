<script setup lang="ts">
import { reasonOf } from '@/shared/api/orSay'
import { positionName } from '@/shared/words/positionName'
import { say } from '@/shared/words/say'
import { useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import type { BoardLook, Layer, PathData, VerdictData } from '@/shared/api/generated/http'
import type { BenchState } from '@/shared/bench/bench'
import BoardMap from '@/shared/board/BoardMap.vue'
import OpenBox from '@/shared/board/OpenBox.vue'
import WiringDiagram from '@/shared/board/WiringDiagram.vue'
import { coresOf } from './coresOf'
import { LAMP_STATES } from '@/shared/board/lampStates'
import { elementOf } from '@/shared/ui/typed'
import SwitchName from '@/shared/ui/SwitchName.vue'
import { bitOf, positionsIn } from './positionsIn'

/** The current stepped from where it enters to where it stops, on the board, in the open box and on the diagram at once. */
const props = defineProps<{
  pathOf: (lamp: string, state: number, isBack: boolean) => Promise<PathData>
  verdict: VerdictData
  board: BoardLook
  standing: BenchState
  /** How tall letters are, in pixels, where not as usual. */
  letter?: number
}>()
defineEmits<{ leave: [] }>()
const state = defineModel<number>('state', { required: true })

const noLayers: ReadonlySet<Layer> = new Set()
const lamp = ref(props.verdict.lamps[0]?.id ?? '')
const isBack = ref(false)
const path = shallowRef<PathData | null>(null)
const failure = ref('')
/** Steps that are made: none at first. */
const at = ref(0)

watch([state, lamp, isBack], follow, { immediate: true })
async function follow([wanted, of, back]: [number, string, boolean]) {
  try {
    const found = await props.pathOf(of, wanted, back)
    if (state.value !== wanted || lamp.value !== of || isBack.value !== back) return
    path.value = found
    at.value = 0
    failure.value = ''
  } catch (error) {
    path.value = null
    failure.value = reasonOf(error)
  }
}
const steps = computed(() => path.value?.steps ?? [])
const goBy = (by: number) => (at.value = Math.min(steps.value.length, Math.max(0, at.value + by)))
const made = computed(() => path.value?.hops.slice(0, steps.value[at.value - 1]?.hops ?? 0) ?? [])
const isDone = computed(() => steps.value.length > 0 && at.value === steps.value.length)
const cores = computed(() => coresOf(props.board, made.value))
const places = computed(() => new Set(made.value.flatMap(({ from, to }) => [from, to])))
const now = computed(() => steps.value[at.value - 1])
const box = computed(() => {
  const start = props.board.enclosures.find(({ kind }) => kind === 'supply')?.id
  const lampBox = props.verdict.lamps.find(({ id }) => id === lamp.value)?.box
  const id = now.value?.box ?? (isBack.value ? lampBox : start)
  return props.board.enclosures.find((candidate) => candidate.id === id) ?? props.board.enclosures[0]!
})
const positions = computed(() => positionsIn(props.verdict, props.board, state.value))
const positionOf = computed(() => new Map(positions.value.map(({ id, position }) => [id, position])))
const paddles = computed(() => new Map(positions.value.map(({ box, position }) => [box, position])))
const lampOf = computed(
  () => new Map(props.verdict.lamps.map(({ id, states }) => [id, LAMP_STATES[states[state.value] ?? ''] ?? 'off'])),
)
const lamps = computed(() => new Map(props.verdict.lamps.map(({ id, box }) => [box, lampOf.value.get(id) ?? 'off'])))
function flip(id: string) {
  const i = props.verdict.switches.findIndex((item) => item.id === id)
  if (i >= 0) state.value ^= bitOf(props.verdict, i)
}

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || elementOf(event)?.closest('input, select')) return
  const by = { ArrowRight: 1, PageDown: 1, ArrowLeft: -1, PageUp: -1 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  goBy(by)
})
</script>

<template>
  <section class="flex min-h-0 grow flex-col" :aria-label="say('shared.trace-the-current')" data-test="trace-view">
    <div class="flex flex-wrap items-center gap-2 border-b border-line px-3 py-1.5 [&>button]:min-h-10 [&>button]:px-3">
      <button type="button" class="btn" :disabled="at === 0" data-test="trace-back" @click="goBy(-1)">
        {{ say('shared.previous') }}
      </button>
      <button type="button" class="btn-main" :disabled="at >= steps.length" data-test="trace-next" @click="goBy(1)">
        {{ say('shared.next') }}
      </button>
      <span class="code">{{ at }}/{{ steps.length }}</span>
      <button type="button" class="btn" :aria-pressed="isBack" data-test="trace-turn" @click="isBack = !isBack">
        {{ isBack ? say('shared.from-the-lamp-back') : say('shared.from-the-supply-on') }}
      </button>
      <button
        v-for="item in positions"
        :key="item.id"
        type="button"
        class="btn"
        :aria-label="
          say('shared.flip-label-now-position', { label: item.label, position: positionName(item.position) })
        "
        :data-flip="item.id"
        @click="flip(item.id)"
      >
        <SwitchName :id="item.id" :label="item.place" />
        <span class="code">{{ item.position === 'up' ? '▲' : '▼' }}</span>
      </button>
      <select
        v-if="verdict.lamps.length > 1"
        v-model="lamp"
        class="field w-auto"
        :aria-label="say('shared.lamp-to-follow')"
      >
        <option v-for="item in verdict.lamps" :key="item.id" :value="item.id">{{ item.label }}</option>
      </select>
      <span class="grow" />
      <button type="button" class="btn" @click="$emit('leave')">{{ say('shared.close') }}</button>
    </div>
    <div class="grid min-h-0 grow grid-cols-2 grid-rows-2 max-md:block">
      <div class="min-h-0 border-r border-b border-line">
        <BoardMap
          :board="board"
          :selected="box.id"
          :lamps="lamps"
          :paddles="paddles"
          :traced="cores"
          :letter="letter"
        />
      </div>
      <div class="row-span-2 min-h-0">
        <p class="px-3 pt-1 font-bold">{{ box.label }}</p>
        <div class="h-[calc(100%-2rem)] min-h-0 px-2">
          <OpenBox :board="board" :box="box" :bench="standing" :traced="places" read-only />
        </div>
      </div>
      <div class="min-h-0 border-r border-line">
        <WiringDiagram
          :diagram="verdict.diagram"
          :positions="positionOf"
          :lamps="lampOf"
          :traced="places"
          :hidden="noLayers"
          @flip="flip"
        />
      </div>
    </div>
    <div
      class="min-h-16 border-t-2 border-ink px-4 py-2 text-xl"
      :style="letter ? { fontSize: `${letter}px` } : undefined"
      role="status"
      data-test="trace-words"
    >
      <p v-if="failure" role="alert">{{ failure }}</p>
      <template v-else-if="path">
        <p class="font-bold">
          {{ now?.words ?? (isBack ? say('shared.starts-at-the-lamp') : say('shared.starts-at-the-supply')) }}
        </p>
        <p v-if="isDone || steps.length === 0" data-test="trace-end">{{ path.sentence }}</p>
      </template>
      <p v-else class="text-soft">{{ say('shared.following-the-current') }}</p>
    </div>
  </section>
</template>
