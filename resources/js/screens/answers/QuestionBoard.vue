<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import type { AskedQuestion, QuestionSheet } from '@/shared/api/generated/http'
import StandingBoard from '@/shared/board-pane/StandingBoard.vue'
import BoardMap from '@/shared/board/BoardMap.vue'
import FaceSketch from '@/shared/board/FaceSketch.vue'
import OpenBox from '@/shared/board/OpenBox.vue'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'

/** What is looked at while a question is answered: the whole board, one box, or the bin. */
const props = defineProps<{ sheet: QuestionSheet; question: AskedQuestion }>()
const emit = defineEmits<{ answer: [chosen: number[]] }>()
/** The number of each option where it is on the drawing; tapped there, it is chosen. */
const numbers = computed(
  () => new Map(props.question.marks.flatMap((places, i) => places.map((place) => [place, i + 1] as const))),
)
const chosen = computed(() => new Set(props.question.answer.flatMap((i) => props.question.marks[i] ?? [])))
function pick(place: string) {
  const number = numbers.value.get(place)
  if (number !== undefined) emit('answer', [number - 1])
}
const openBox = ref<string | null>(null)
watch(
  () => props.question.number,
  () => (openBox.value = null),
)
const board = computed(() => props.question.box ?? props.sheet.board)
const standing = computed(() => {
  const made = props.question.box ? props.question.standing : props.sheet.standing
  return board.value ? replay(made, placesOf(board.value)).now : null
})
</script>

<template>
  <div v-if="sheet.bin.length > 0" class="flex h-full flex-col">
    <div v-if="sheet.board" class="h-2/5 min-h-48 border-b border-line" data-test="parts-board">
      <BoardMap :board="sheet.board" :selected="question.about" />
    </div>
    <ul class="grid grid-cols-3 gap-3 overflow-auto p-4" :aria-label="say('answers.parts-to-choose-from')">
      <li v-for="(face, i) in sheet.bin" :key="i" class="border-2 border-ink p-2 text-center">
        <FaceSketch
          :face="{ id: '', name: say('answers.part-what', { what: i + 1 }), ...face }"
          :turned="0"
          :rear="false"
          large
          class="mx-auto"
        />
        <span class="code text-lg">{{ say('answers.part-what', { what: i + 1 }) }}</span>
      </li>
    </ul>
  </div>
  <div v-else-if="question.box && standing" class="h-full p-3" data-test="question-box">
    <OpenBox
      :board="question.box"
      :box="question.box.enclosures[0]!"
      :bench="standing"
      :keys="false"
      :numbers="numbers"
      :traced="chosen"
      read-only
      @pick="pick"
    />
  </div>
  <StandingBoard v-else-if="board && standing" v-model="openBox" class="h-full" :board="board" :standing="standing" />
</template>
