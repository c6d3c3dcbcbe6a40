<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import type { AsFoundBox } from '@/shared/api/generated/http'
import ConductorStroke from '@/shared/board/ConductorStroke.vue'
import { elementOf } from '@/shared/ui/typed'

/**
 * A board taken down as two people do it: one reads box by box, end by end, the other types the number of the place. The numbers are
 * those of the paper sheet.
 */
const props = defineProps<{ boxes: readonly AsFoundBox[] }>()
const emit = defineEmits<{ write: [point: string, change: { lands: string }]; box: [id: string]; done: [] }>()
const SECOND_DIGIT_MS = 700

const ends = computed(() =>
  props.boxes.flatMap((box) => box.rows.filter(({ isFixed }) => !isFixed).map((row) => ({ box, row }))),
)
const at = ref(0)
const now = computed(() => ends.value[at.value] ?? null)
const placeOf = (box: AsFoundBox, id: string) => box.places?.find((place) => place.id === id)?.name ?? ''
const places = computed(() => now.value?.box.places ?? [])
/** Of the connectors those that are in use in the box, and two more: a box of twelve is rare. */
const isLetter = (id: string) => /^[A-Z]$/.test(id)
const shown = computed(() => {
  const used = new Set(now.value?.box.rows.map(({ lands }) => lands))
  const letters = places.value.filter(({ id }) => isLetter(id))
  const last = letters.reduce((found, { id }, i) => (used.has(id) ? i : found), -1)
  const few = new Set(letters.slice(0, last + 3).map(({ id }) => id))
  return places.value.map((place, i) => ({ ...place, number: i + 1 })).filter(({ id }) => !isLetter(id) || few.has(id))
})
const digits = ref('')
const heading = ref<HTMLElement | null>(null)
let timer: ReturnType<typeof setTimeout> | undefined

watch(
  () => now.value?.box.id,
  (box) => box && emit('box', box),
  { immediate: true },
)
function goBy(by: number) {
  digits.value = ''
  at.value = Math.min(ends.value.length, Math.max(0, at.value + by))
  void nextTick(() => heading.value?.focus({ preventScroll: true }))
}
function land(place: string) {
  if (!now.value) return
  emit('write', now.value.row.point, { lands: place })
  goBy(1)
}
function typed(digit: string) {
  clearTimeout(timer)
  digits.value += digit
  const number = Number(digits.value)
  if (number === 0) return land('')
  if (number > places.value.length) return void (digits.value = '')
  const isWhole = number * 10 > places.value.length || digits.value.length > 1
  if (isWhole) land(places.value[number - 1]!.id)
  else timer = setTimeout(() => land(places.value[number - 1]!.id), SECOND_DIGIT_MS)
}
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || elementOf(event)?.closest('input, select')) return
  if (/^\d$/.test(event.key)) typed(event.key)
  else if (event.key === 'Enter' && !elementOf(event)?.closest('button')) goBy(1)
  else if (event.key === 'Backspace') goBy(-1)
  else return
  event.preventDefault()
})
</script>

<template>
  <section :aria-label="say('shared.one-by-one')" data-test="spoken">
    <template v-if="now">
      <p class="code text-soft">
        {{ say('shared.label-what-of-count', { label: now.box.label, what: at + 1, count: ends.length }) }}
      </p>
      <h2
        ref="heading"
        tabindex="-1"
        class="flex items-center gap-3 py-2 text-2xl font-bold outline-none"
        data-test="spoken-end"
      >
        <svg v-if="now.row.colour" viewBox="0 0 40 16" class="h-6 w-15 shrink-0" aria-hidden="true">
          <ConductorStroke d="M7 8H33" :colour="now.row.colour" />
        </svg>
        <span>{{ now.row.name }}</span>
      </h2>
      <p class="mb-2" role="status">
        {{ say('shared.on-the-sheet') }}
        <strong>{{ placeOf(now.box, now.row.lands) || say('shared.nowhere-loose') }}</strong>{{
          digits ? ` … ${digits}` : ''
        }}
      </p>
      <div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
        <button
          v-for="place in shown"
          :key="place.id"
          type="button"
          class="btn min-h-14 justify-start whitespace-normal px-3 text-left leading-tight"
          :class="{ 'border-violet bg-wash': place.id === now.row.lands }"
          :aria-pressed="place.id === now.row.lands"
          :data-number="place.number"
          @click="land(place.id)"
        >
          <span class="code text-xl">{{ place.number }}</span> <span class="font-normal">{{ place.name }}</span>
        </button>
        <button type="button" class="btn min-h-14 justify-start px-3" data-number="0" @click="land('')">
          <span class="code text-xl">0</span> <span class="font-normal">{{ say('shared.nowhere-loose') }}</span>
        </button>
      </div>
      <div class="mt-3 flex gap-2">
        <button type="button" class="btn min-h-14 grow" :disabled="at === 0" data-test="spoken-back" @click="goBy(-1)">
          {{ say('shared.previous') }}
        </button>
        <button type="button" class="btn-main min-h-14 grow" data-test="spoken-same" @click="goBy(1)">
          {{ say('shared.same-as-the-sheet-next') }}
        </button>
      </div>
      <p class="mt-2 text-sm text-soft">{{ say('shared.keys-the-number-enter-for') }}</p>
    </template>
    <p v-else class="text-xl font-bold" role="status" data-test="spoken-done">
      {{ say('shared.all-count-conductors-are-on', { count: ends.length }) }}
    </p>
    <button type="button" class="btn mt-3" @click="emit('done')">{{ say('shared.back-to-the-list') }}</button>
  </section>
</template>
