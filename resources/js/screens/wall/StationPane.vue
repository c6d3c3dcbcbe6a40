<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import type { Move, WallStation } from '@/shared/api/generated/http'
import LateSteps from './LateSteps.vue'

/** What can be done at one station. */
const props = defineProps<{ station: WallStation }>()
const emit = defineEmits<{ move: [attempt: number, move: Move]; close: [] }>()
const why = ref('')
const minutes = ref(5)
const asking = ref<Move['move'] | null>(null)
const plate = computed(() => props.station.now)
const NAMES: Record<Move['move'], string> = {
  open: say('wall.open'),
  present: say('wall.mark-as-here'),
  start: say('wall.start-the-clock'),
  pause: say('wall.pause'),
  resume: say('wall.carry-on'),
  'add-time': say('wall.add-time'),
  close: say('wall.close-and-hand-in'),
  reopen: say('wall.take-the-hand-in-back'),
  void: say('wall.cancel-started-by-mistake'),
  withdraw: say('wall.withdraw'),
  'bring-back': say('wall.bring-back'),
}
/** Those that one would not like to press by mistake ask for a word. */
const ASK: readonly Move['move'][] = ['close', 'reopen', 'void', 'withdraw']
const WITH_MINUTES: readonly Move['move'][] = ['add-time', 'reopen']
const moves = computed(() => plate.value?.moves.filter((move) => move !== 'open') ?? [])

function make(move: Move['move']) {
  if (!plate.value) return
  if (ASK.includes(move) && asking.value !== move) return void (asking.value = move)
  emit('move', plate.value.attempt, {
    move,
    why: why.value,
    ...(WITH_MINUTES.includes(move) && minutes.value > 0 ? { minutes: minutes.value } : {}),
  })
  asking.value = null
  why.value = ''
}
const clock = (minute: number) => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`
</script>

<template>
  <aside
    class="flex min-h-0 flex-col gap-3 overflow-auto border-l-2 border-ink p-4 max-md:border-t-2 max-md:border-l-0"
    :aria-label="station.label"
  >
    <div class="flex items-start gap-2">
      <div class="grow">
        <p class="text-soft">{{ station.label }}</p>
        <h2 class="text-xl font-bold">{{ plate?.name ?? say('wall.nobody') }}</h2>
        <p v-if="plate" class="text-soft">
          {{
            say('wall.planned-clock-to-clockb-placed', {
              clock: clock(plate.from),
              clockb: clock(plate.to),
              placed: plate.placed,
              ends: plate.ends,
            })
          }}
        </p>
        <p v-if="plate?.word" class="font-bold">▲ {{ plate.word }}</p>
      </div>
      <button type="button" class="btn px-3" :aria-label="say('wall.close-this-pane')" @click="$emit('close')">
        ✕
      </button>
    </div>
    <template v-if="plate">
      <RouterLink :to="`/station/${plate.attempt}`" class="btn-main">{{ say('wall.sheet-and-board') }}</RouterLink>
      <RouterLink
        v-if="plate.state !== 'waiting' && plate.state !== 'held'"
        :to="`/verdict/${plate.attempt}`"
        class="btn"
        >{{ say('wall.board-now-full-size') }}</RouterLink
      >
      <label>{{ say('wall.why-kept-on-record') }} <input v-model="why" class="field" maxlength="500" /></label>
      <label v-if="moves.some((move) => WITH_MINUTES.includes(move))"
        >{{ say('wall.minutes') }} <input v-model.number="minutes" type="number" min="0" max="240" class="field w-28"
      /></label>
      <button
        v-for="move in moves"
        :key="move"
        type="button"
        class="btn"
        :class="asking === move ? 'border-violet bg-wash' : ''"
        :data-move="move"
        @click="make(move)"
      >
        {{ asking === move ? say('wall.sure-what', { what: NAMES[move] }) : NAMES[move] }}
      </button>
      <LateSteps
        v-if="plate.state !== 'waiting' && plate.state !== 'held'"
        :key="plate.attempt"
        :attempt="plate.attempt"
      />
    </template>
    <section v-if="station.next.length > 0">
      <h3 class="font-bold">{{ say('wall.then') }}</h3>
      <p v-for="(next, i) in station.next" :key="i">
        {{ clock(next.from) }} {{ next.name }}{{ next.retest ? say('wall.retest-2') : '' }}
      </p>
    </section>
  </aside>
</template>
