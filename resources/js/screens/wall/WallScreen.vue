<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useInAddress } from '@/shared/frame/useInAddress'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import RowMenu from '@/shared/ui/RowMenu.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import PlateCard from './PlateCard.vue'
import StationPane from './StationPane.vue'
import { useWall } from './useWall'

const props = defineProps<{ evening: number }>()
const { wall, failure, seats, waits, ask, leftOf, moveOne, moveAll } = useWall(props.evening)
const chosen = useInAddress('station', true)
const station = computed(() => wall.value?.stations.find(({ id }) => id === chosen.value) ?? null)

/** Where there is room, stations are where they stand; else in rows, by place. */
const MOST_IN_PLACE = 20
const isWide = useMediaQuery('(min-width: 64rem)')
const isInPlace = computed(() => isWide.value && (wall.value?.stations.length ?? 0) <= MOST_IN_PLACE)
const inRows = computed(() => [...(wall.value?.stations ?? [])].sort((a, b) => a.y - b.y || a.x - b.x))

const plates = computed(() => wall.value?.stations.flatMap(({ now }) => now ?? []) ?? [])
const count = (state: string) => plates.value.filter((plate) => plate.state === state).length
const here = computed(() => plates.value.filter(({ state, isHere }) => state === 'waiting' && isHere).length)
const wrong = computed(() => plates.value.filter(({ word }) => word).length)
const sum = computed(() =>
  [
    say('wall.count-working', { count: count('running') }),
    here.value > 0 ? say('wall.here-here-and-ready', { here: here.value }) : '',
    count('paused') > 0 ? say('wall.count-paused', { count: count('paused') }) : '',
    count('waiting') > here.value ? say('wall.count-not-here-yet', { count: count('waiting') - here.value }) : '',
    wrong.value > 0 ? say('wall.wrong-may-need-a-look', { wrong: wrong.value }) : '',
  ]
    .filter(Boolean)
    .join(', '),
)
const minutes = ref(5)
const closing = ref(false)
const busy = ref(false)
const opening = ref(false)
/** Every seat is tried first: seconds, with many of them. */
async function open() {
  opening.value = true
  await moveAll({ move: 'open' })
  opening.value = false
}
async function close() {
  busy.value = true
  await moveAll({ move: 'close' })
  busy.value = false
  closing.value = false
}
const more = computed(() => [
  { name: say('wall.pause-everybody'), run: () => moveAll({ move: 'pause' }) },
  { name: say('wall.restart-everybody'), run: () => moveAll({ move: 'resume' }) },
  {
    name: say('wall.add-minutes-min-to-everybody', { minutes: minutes.value }),
    run: () => moveAll({ move: 'add-time', minutes: minutes.value }),
  },
  wall.value?.isClosed
    ? { name: say('wall.open-it-again'), run: () => moveAll({ move: 'reopen' }) }
    : { name: say('wall.close-the-exam-3'), run: () => (closing.value = true) },
])
</script>

<template>
  <div class="screen">
    <TopBar :title="wall?.title ?? say('wall.the-wall')" :crumb="{ to: '/tonight', name: say('shared.tonight') }">
      <template v-if="wall">
        <p role="status" data-test="sum">{{ sum }}.</p>
        <RouterLink :to="`/evening/${evening}`" class="btn">{{ say('wall.plan') }}</RouterLink>
        <RouterLink v-if="wall.assignment" :to="`/marks/${wall.assignment}`" class="btn">{{
          say('shared.marks')
        }}</RouterLink>
        <RowMenu :label="say('wall.everybody')" :items="more" named />
        <button v-if="wall.isHeld" type="button" class="btn-main" :disabled="opening" @click="open">
          {{ opening ? say('wall.trying-every-seat') : say('wall.open-the-exam') }}
        </button>
        <button
          v-else-if="count('waiting') > 0 && !wall.isClosed"
          type="button"
          class="btn-main"
          @click="moveAll({ move: 'start' })"
        >
          {{ say('wall.start-all-clocks') }}
        </button>
      </template>
    </TopBar>
    <ConfirmBar
      v-if="closing"
      :label="say('wall.close-the-exam-2')"
      :yes="say('wall.close-it')"
      :busy-word="say('wall.closing')"
      :no="say('shared.not-yet')"
      :busy="busy"
      @yes="close"
      @no="closing = false"
      ><strong>{{ say('wall.close-the-exam') }}</strong> {{ say('wall.every-board-is-handed-in') }}</ConfirmBar
    >
    <div v-if="failure" role="alert" class="border-b-2 border-ink px-4 py-2" data-test="failure">
      <p :class="seats.length > 0 ? 'font-bold' : ''">{{ failure }}</p>
      <ul v-if="seats.length > 0" class="max-h-40 overflow-auto">
        <li v-for="seat in seats" :key="seat">{{ seat }}</li>
      </ul>
    </div>
    <div v-if="waits.length > 0" role="status" class="flex gap-4 border-b-2 border-ink px-4 py-2" data-test="waits">
      <p class="grow">
        <strong>{{ say('wall.not-started') }}</strong>
        {{ waits.map(({ name, why }) => `${name} (${why})`).join(', ') }}.
      </p>
      <button type="button" class="btn px-3" :aria-label="say('wall.hide-this')" @click="waits = []">✕</button>
    </div>
    <LoadState v-if="!wall" :failure="failure" :what="say('wall.the-room')" @again="ask" />
    <main v-else class="panes" :class="station ? 'grid-cols-[minmax(0,1fr)_20rem]' : ''">
      <div v-if="isInPlace" class="relative min-h-0 overflow-hidden bg-face" data-test="room">
        <div
          v-for="one in wall.stations"
          :key="one.id"
          class="absolute w-[15.5%] min-w-36 -translate-x-1/2 -translate-y-1/2"
          :style="{ left: `${one.x}%`, top: `${one.y}%` }"
        >
          <PlateCard
            :station="one"
            :left="one.now ? leftOf(one.now.dueAt, one.now.left) : null"
            :open="one.id === chosen"
            @choose="chosen = one.id === chosen ? '' : one.id"
          />
        </div>
      </div>
      <div
        v-else
        class="grid min-h-0 auto-rows-min grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3 overflow-auto bg-face p-3"
      >
        <PlateCard
          v-for="one in inRows"
          :key="one.id"
          :station="one"
          :left="one.now ? leftOf(one.now.dueAt, one.now.left) : null"
          :open="one.id === chosen"
          @choose="chosen = one.id === chosen ? '' : one.id"
        />
      </div>
      <StationPane v-if="station" :key="station.id" :station="station" @move="moveOne" @close="chosen = ''" />
    </main>
  </div>
</template>
