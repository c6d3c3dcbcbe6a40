<script setup lang="ts">
import { positionName } from '@/shared/words/positionName'
import { say } from '@/shared/words/say'
import { useEventListener, useFullscreen } from '@vueuse/core'
import { computed, ref, toRef } from 'vue'
import { api } from '@/shared/api/api'
import type { PlanData } from '@/shared/api/generated/http'
import TraceView from '@/shared/board-pane/TraceView.vue'
import { useCurrentPath } from '@/shared/board-pane/useCurrentPath'
import { bareBench, placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'
import BoardMap from '@/shared/board/BoardMap.vue'
import { useNight } from '@/shared/frame/useNight'
import RoomPanel from './RoomPanel.vue'
import ShowMenu from './ShowMenu.vue'
import { useBringIn } from './useBringIn'
import { useRoom } from './useRoom'
import SwitchName from '@/shared/ui/SwitchName.vue'

/**
 * One board for the whole room. A remote's page keys go on with whatever is under way: the next conductor, the answer that the room
 * was asked for, the next paddle.
 */
const props = defineProps<{ plan: PlanData; title: string; boardFile: number }>()
const LEAST_PX = 28
const state = ref(0)
const isTraced = ref(false)
const isStepped = ref(false)
/** Whether the light waits until it is asked for. */
const asksFirst = ref(true)
const isHidden = ref(false)
const verdict = computed(() => props.plan.verdict)
const current = useCurrentPath(
  (lamp, wanted) => api.planPath(props.boardFile, 0, lamp, wanted),
  verdict,
  toRef(() => props.plan.board),
  state,
)
const stage = ref<HTMLElement | null>(null)
const screen = useFullscreen(stage)
const night = useNight()
const bringIn = useBringIn(() => props.plan)
const room = useRoom(async (asked) => (await api.roomQuestion(props.boardFile, 0, asked)).question)
const standing = computed(() => {
  const board = props.plan.board
  return props.plan.standing.length > 0 ? replay(props.plan.standing, placesOf(board), []).now : bareBench
})

const lamps = computed(() => (isHidden.value || bringIn.isOn.value ? new Map() : current.lamps.value))
const hiddenLamps = computed(
  () => new Map(isHidden.value ? verdict.value.lamps.map(({ box }) => [box, say('show.on-or-off')] as const) : []),
)
const placeOf = (box: string) => props.plan.board.enclosures.find(({ id }) => id === box)?.label
const answer = computed(() =>
  verdict.value.lamps.map(
    ({ box, label }) =>
      `${placeOf(box) ?? label}: ${current.lamps.value.get(box) === 'on' ? say('show.on') : say('show.off')}`,
  ),
)
const said = computed(() => {
  if (bringIn.isOn.value) {
    const newest = bringIn.newest.value
    if (!newest) return say('show.bare-board-add-the-conductors')
    return say('show.cable-name-role-count-of', {
      cable: newest.cable,
      name: newest.name,
      role: newest.role,
      count: bringIn.count.value,
      countb: bringIn.all.value.length,
    })
  }
  return isHidden.value ? say('show.what-does-the-light-do') : answer.value.join(', ')
})
const traced = computed(() => {
  if (bringIn.isOn.value) return bringIn.shown.value
  return isTraced.value && !isHidden.value ? current.tracedCores.value : new Map()
})
const switchPlace = (id: string) => current.positions.value.find((item) => item.id === id)?.place ?? id

let next = 0
function flip(i: number) {
  if (i < 0 || i >= current.positions.value.length || bringIn.isOn.value) return
  room.leave()
  isHidden.value = asksFirst.value
  current.flip(i)
}
async function askRoom() {
  bringIn.end()
  await room.next()
  const question = room.question.value
  if (!question) return
  state.value = question.state
  isHidden.value = false
}
function showAnswer() {
  const question = room.question.value
  if (!question || room.isShown.value) return
  room.show()
  current.flip(current.positions.value.findIndex(({ id }) => id === question.switch))
}
/** One key goes on with whatever is under way. */
function goOn() {
  if (room.question.value) return room.isShown.value ? void askRoom() : showAnswer()
  if (bringIn.isOn.value) return void bringIn.goBy(1)
  if (isHidden.value) return void (isHidden.value = false)
  flip(next)
  next = (next + 1) % Math.max(1, current.positions.value.length)
}
function goBack() {
  if (room.question.value) return
  if (bringIn.isOn.value) return void bringIn.goBy(-1)
  next = (next - 1 + current.positions.value.length) % Math.max(1, current.positions.value.length)
  flip(next)
}
function build() {
  room.leave()
  isHidden.value = false
  if (bringIn.isOn.value) bringIn.end()
  else bringIn.begin()
}

const ACTIONS = computed(() => [
  { key: 'B', name: bringIn.isOn.value ? say('show.whole-board') : say('show.add-the-conductors'), run: build },
  { key: 'A', name: say('show.ask-the-class'), run: () => void askRoom() },
  {
    key: 'Q',
    name: asksFirst.value ? say('show.show-the-light-at-once') : say('show.ask-before-the-light'),
    run: () => (asksFirst.value = !asksFirst.value),
  },
  {
    key: 'C',
    name: isTraced.value ? say('show.hide-the-current') : say('show.show-the-current'),
    run: () => (isTraced.value = !isTraced.value),
  },
  { key: 'T', name: say('show.trace-step-by-step'), run: () => (isStepped.value = true) },
  { key: 'N', name: night.value ? say('show.day') : say('show.night'), run: () => (night.value = !night.value) },
  {
    key: 'F',
    name: screen.isFullscreen.value ? say('show.leave-full-screen') : say('show.full-screen'),
    run: () => void screen.toggle(),
  },
])

useEventListener('keydown', (event: KeyboardEvent) => {
  if (isStepped.value || event.ctrlKey || event.metaKey || event.altKey) return
  const target = event.target as HTMLElement
  if (target.closest('input, select, [role="menu"]')) return
  const key = event.key
  if (key === 'PageDown' || key === 'ArrowRight') return (event.preventDefault(), goOn())
  if (key === 'PageUp' || key === 'ArrowLeft') return (event.preventDefault(), goBack())
  if ((key === ' ' || key === 'Enter') && !target.closest('button, a')) return (event.preventDefault(), goOn())
  if (/^[1-9]$/.test(key)) return flip(Number(key) - 1)
  if (room.question.value && !room.isShown.value && /^[ox]$/i.test(key))
    return room.count(key.toLowerCase() === 'o' ? 'on' : 'off', key === key.toUpperCase() ? -1 : 1)
  ACTIONS.value.find((action) => action.key.toLowerCase() === key)?.run()
})
</script>

<template>
  <main ref="stage" class="flex min-h-0 grow flex-col bg-paper" data-test="show">
    <TraceView
      v-if="isStepped"
      v-model:state="state"
      :path-of="(lamp, wanted, isBack) => api.planPath(boardFile, 0, lamp, wanted, '', isBack)"
      :verdict="verdict"
      :board="plan.board"
      :standing="standing"
      :letter="LEAST_PX"
      @leave="isStepped = false"
    />
    <template v-else>
      <div class="min-h-0 grow">
        <BoardMap
          :letter="LEAST_PX"
          :board="plan.board"
          :lamps="lamps"
          :counts="hiddenLamps"
          :paddles="bringIn.isOn.value ? new Map() : current.paddles.value"
          :traced="traced"
        />
      </div>
      <RoomPanel
        v-if="room.question.value"
        :question="room.question.value"
        :where="switchPlace(room.question.value.switch)"
        :hands="room.hands.value"
        :is-shown="room.isShown.value"
        @count="room.count"
        @show="showAnswer"
        @next="askRoom"
        @leave="room.leave"
      />
      <div
        v-if="!room.question.value"
        class="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line px-6 py-3 text-[28px] max-md:px-3 max-md:text-xl"
      >
        <template v-if="bringIn.isOn.value">
          <button type="button" class="btn min-h-16 px-5 text-[28px]" data-test="less" @click="bringIn.goBy(-1)">
            ◂
          </button>
          <button type="button" class="btn-main min-h-16 px-5 text-[28px]" data-test="more" @click="bringIn.goBy(1)">
            {{ say('shared.next') }}
          </button>
        </template>
        <button
          v-for="(item, i) in bringIn.isOn.value ? [] : current.positions.value"
          :key="item.id"
          type="button"
          class="btn min-h-16 px-5 text-[28px] max-md:text-xl"
          :aria-label="
            say('show.flip-label-now-position', { label: item.label, position: positionName(item.position) })
          "
          :data-flip="item.id"
          @click="flip(i)"
        >
          <kbd class="code text-soft">{{ i + 1 }}</kbd> <SwitchName :id="item.id" :label="item.place" />
          {{ item.position === 'up' ? say('show.up') : say('show.down') }}
        </button>
        <button
          v-if="isHidden"
          type="button"
          class="btn-main min-h-16 px-5 text-[28px]"
          data-test="reveal"
          @click="isHidden = false"
        >
          {{ say('show.show-the-light') }}
        </button>
        <p class="min-w-0 font-bold" role="status" data-test="lit">{{ said }}</p>
        <p v-if="room.failure.value" role="alert">{{ room.failure.value }}</p>
        <p v-else-if="room.isOver.value" role="status" data-test="no-more">
          {{ say('show.no-flip-left-that-would') }}
        </p>
        <span class="grow" />
        <ShowMenu :actions="ACTIONS" />
      </div>
    </template>
  </main>
</template>
