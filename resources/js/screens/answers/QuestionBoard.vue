<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { AskedQuestion, QuestionSheet } from '@/shared/api/generated/http'
import StandingBoard from '@/shared/board-pane/StandingBoard.vue'
import FaceSketch from '@/shared/board/FaceSketch.vue'
import OpenBox from '@/shared/board/OpenBox.vue'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'

/** What is looked at while a question is answered: the whole board, one box, or the bin. */
const props = defineProps<{ sheet: QuestionSheet; question: AskedQuestion }>()
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
  <ul v-if="sheet.bin.length > 0" class="grid grid-cols-3 gap-3 p-4" aria-label="The bin">
    <li v-for="(face, i) in sheet.bin" :key="i" class="border-2 border-ink p-2 text-center">
      <FaceSketch :face="{ id: '', name: `part ${i + 1}`, ...face }" :turned="0" :rear="false" large class="mx-auto" />
      <span class="code text-lg">part {{ i + 1 }}</span>
    </li>
  </ul>
  <div v-else-if="question.box && standing" class="h-full p-3" data-test="question-box">
    <OpenBox :board="question.box" :box="question.box.enclosures[0]!" :bench="standing" :keys="false" read-only />
  </div>
  <StandingBoard v-else-if="board && standing" v-model="openBox" class="h-full" :board="board" :standing="standing" />
</template>
