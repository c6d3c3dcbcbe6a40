<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { BoardLook } from '@/shared/api/generated/http'
import type { BenchState } from '@/shared/bench/bench'
import BoardMap from '@/shared/board/BoardMap.vue'
import OpenBox from '@/shared/board/OpenBox.vue'

/** A board as it stands, to be looked into: nothing is on, nothing is judged. */
const props = defineProps<{ board: BoardLook; standing: BenchState }>()
const openBox = defineModel<string | null>({ required: true })
const box = computed(() => props.board.enclosures.find(({ id }) => id === openBox.value) ?? null)
</script>

<template>
  <div class="flex min-h-0 flex-col">
    <p v-if="$slots.default" class="border-b border-line bg-wash px-4 py-2"><slot /></p>
    <div class="flex items-center gap-2 border-b border-line p-2">
      <template v-if="box">
        <button type="button" class="btn" @click="openBox = null">{{ say('shared.whole-board') }}</button>
        <strong>{{ box.label }}</strong>
      </template>
      <span v-else class="text-soft">{{ say('shared.tap-a-box-to-look') }}</span>
    </div>
    <div class="min-h-0 grow">
      <OpenBox v-if="box" :board="board" :box="box" :bench="standing" read-only />
      <BoardMap v-else :board="board" @open="(id) => (openBox = id)" />
    </div>
  </div>
</template>
