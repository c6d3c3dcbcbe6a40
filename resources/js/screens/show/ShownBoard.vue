<script setup lang="ts">
import { useEventListener, useFullscreen } from '@vueuse/core'
import { computed, ref, toRef } from 'vue'
import { api } from '@/shared/api/client'
import type { PlanData } from '@/shared/api/generated/http'
import { useCurrentPath } from '@/shared/board-pane/useCurrentPath'
import BoardMap from '@/shared/board/BoardMap.vue'

/** One board for the whole room: paddles by their numbers, or one after the other by a remote's page keys. */
const props = defineProps<{ plan: PlanData; title: string; boardFile: number }>()
const LEAST_PX = 28
const state = ref(0)
const isTraced = ref(true)
const verdict = computed(() => props.plan.verdict)
const current = useCurrentPath(
  (lamp, wanted) => api.planPath(props.boardFile, 0, lamp, wanted),
  verdict,
  toRef(() => props.plan.board),
  state,
)
const stage = ref<HTMLElement | null>(null)
const screen = useFullscreen(stage)
const lit = computed(() =>
  verdict.value.lamps.map(({ box, label }) => `${label}: ${current.lamps.value.get(box) === 'on' ? 'on' : 'off'}`),
)
let next = 0

function flip(i: number) {
  if (i >= 0 && i < current.positions.value.length) current.flip(i)
}

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || (event.target as HTMLElement).closest('input, select')) return
  const count = current.positions.value.length
  if (/^[1-9]$/.test(event.key)) flip(Number(event.key) - 1)
  else if (event.key === 'PageDown' || event.key === 'PageUp') {
    event.preventDefault()
    if (event.key === 'PageUp') next = (next - 1 + count) % count
    flip(next)
    if (event.key === 'PageDown') next = (next + 1) % count
  } else if (event.key === 'f') void screen.toggle()
  else if (event.key === 'c') isTraced.value = !isTraced.value
})
</script>

<template>
  <main ref="stage" class="flex min-h-0 grow flex-col bg-paper" data-test="show">
    <div class="min-h-0 grow">
      <BoardMap
        :letter="LEAST_PX"
        :board="plan.board"
        :lamps="current.lamps.value"
        :paddles="current.paddles.value"
        :traced="isTraced ? current.tracedCores.value : new Map()"
      />
    </div>
    <div
      class="flex items-center gap-4 border-t border-line px-6 py-3 text-[28px] max-md:flex-wrap max-md:px-3 max-md:text-xl"
    >
      <button
        v-for="(item, i) in current.positions.value"
        :key="item.id"
        type="button"
        class="btn min-h-16 px-5 text-[28px] max-md:text-xl"
        :aria-label="`Flip ${item.label}, now ${item.position}`"
        :data-flip="item.id"
        @click="flip(i)"
      >
        <kbd class="code text-soft">{{ i + 1 }}</kbd> {{ item.id }} {{ item.position === 'up' ? '▲ up' : '▼ down' }}
      </button>
      <p class="font-bold" role="status" data-test="lit">{{ lit.join(', ') }}</p>
      <span class="grow" />
      <div class="flex shrink-0 flex-col gap-1">
        <button type="button" class="btn min-h-9" :aria-pressed="isTraced" @click="isTraced = !isTraced">
          Current <kbd class="code text-soft">C</kbd>
        </button>
        <button type="button" class="btn min-h-9" @click="screen.toggle()">
          {{ screen.isFullscreen.value ? 'Small again' : 'Whole screen' }} <kbd class="code text-soft">F</kbd>
        </button>
      </div>
    </div>
  </main>
</template>
