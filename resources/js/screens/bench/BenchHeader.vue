<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import HouseMark from '@/shared/ui/HouseMark.vue'
import { computed, onScopeDispose, ref } from 'vue'
import SavingState from '@/shared/outbox/SavingState.vue'
import type { Saving } from '@/shared/outbox/useOutbox'

const props = defineProps<{
  title: string
  brief: string
  /** Where the task stands on what practitioners dispute. */
  positions: readonly string[]
  dueAt: string | null
  minutes: number | null
  clockOffsetMs: number
  saving: Saving
  waiting: number
  attempt: number
  steps: number
  canUndo: boolean
  canRedo: boolean
  /** The instructor has stopped the clock. */
  paused?: boolean
}>()
defineEmits<{ undo: []; redo: []; handIn: [] }>()

const briefOpen = ref(false)
const now = ref(Date.now())
const ticking = setInterval(() => (now.value = Date.now()), 1000)
onScopeDispose(() => clearInterval(ticking))

const leftS = computed(() =>
  props.dueAt === null
    ? null
    : Math.max(0, Math.round((Date.parse(props.dueAt) - now.value - props.clockOffsetMs) / 1000)),
)
const clock = computed(() => {
  if (leftS.value === null) return ''
  if (props.paused) return say('bench.paused')
  if (leftS.value === 0) return say('bench.time-is-up')
  return `${String(Math.floor(leftS.value / 60)).padStart(2, '0')}:${String(leftS.value % 60).padStart(2, '0')}`
})
const done = computed(() => saySome('bench.one-step-count-steps', props.steps))
</script>

<template>
  <header class="relative flex min-h-14 items-center gap-3 border-b border-line px-4 max-md:flex-wrap max-md:gap-2">
    <RouterLink to="/" class="flex min-h-11 items-center" :aria-label="say('shared.back-to-the-start')"
      ><HouseMark
    /></RouterLink>
    <h1 class="max-w-72 truncate text-lg font-bold">{{ title }}</h1>
    <button
      type="button"
      class="btn px-3"
      :aria-expanded="briefOpen"
      aria-controls="brief"
      @click="briefOpen = !briefOpen"
    >
      {{ say('bench.brief') }}
    </button>
    <p v-if="briefOpen" id="brief" class="absolute top-14 left-0 z-10 w-full border-b-2 border-ink bg-wash px-5 py-3">
      {{ brief || say('bench.no-brief-wire-the-board') }}
      <span v-for="position in positions" :key="position" class="block">{{ position }}</span>
    </p>
    <div
      v-if="leftS !== null"
      class="flex items-center gap-2"
      role="timer"
      :aria-label="say('bench.time-left-clock', { clock })"
    >
      <span class="code text-2xl">{{ clock }}</span>
      <span class="hidden h-3 w-24 border-2 border-ink lg:block"
        ><span class="block h-full bg-ink" :style="{ width: `${Math.min(100, (leftS / 60 / (minutes ?? 1)) * 100)}%` }"
      /></span>
    </div>
    <p v-else class="code text-soft">
      {{ minutes ? say('bench.minutes-minutes-from-your-first', { minutes }) : say('bench.no-time-limit') }}
    </p>
    <p class="ml-auto text-right leading-tight">
      <span v-if="saving === 'saved' && steps === 0" role="status">{{ say('bench.every-step-is-saved') }}</span>
      <SavingState v-else :state="saving" :to-send="waiting" :done="done" />
    </p>
    <RouterLink
      v-if="saving === 'signed-out'"
      :to="{ path: '/sign-in', query: { then: `/bench/${attempt}` } }"
      class="btn px-3"
    >
      {{ say('bench.sign-in') }}
    </RouterLink>
    <button type="button" class="btn px-3" :disabled="!canUndo" aria-keyshortcuts="Control+Z" @click="$emit('undo')">
      {{ say('shared.undo') }}
    </button>
    <button
      type="button"
      class="btn px-3"
      :disabled="!canRedo"
      aria-keyshortcuts="Control+Shift+Z"
      @click="$emit('redo')"
    >
      {{ say('bench.redo') }}
    </button>
    <button type="button" class="btn-main" @click="$emit('handIn')">{{ say('bench.hand-in') }}</button>
  </header>
</template>
