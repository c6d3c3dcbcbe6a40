<script setup lang="ts">
import { say } from '@/shared/words/say'
import { nextTick, onMounted, ref } from 'vue'

defineProps<{ question: string; tiles: readonly { key: string; name: string }[] }>()
defineEmits<{ choose: [place: number]; leave: [] }>()
const row = ref<HTMLElement | null>(null)

onMounted(async () => {
  await nextTick()
  row.value?.querySelector('button')?.focus()
})
</script>

<template>
  <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="question">
    <strong>{{ question }}</strong>
    <div ref="row" class="flex flex-wrap gap-2">
      <button
        v-for="(tile, i) in tiles"
        :key="tile.key"
        type="button"
        class="btn px-3"
        :data-hang="tile.key"
        @click="$emit('choose', i)"
      >
        <span class="code text-violet" aria-hidden="true">{{ i + 1 }}</span>{{ tile.name }}
      </button>
    </div>
    <button type="button" class="btn px-3" @click="$emit('leave')">{{ say('drawing-board.nothing') }}</button>
  </div>
</template>
