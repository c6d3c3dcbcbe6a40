<script setup lang="ts">
import { nextTick, onMounted, ref } from 'vue'
import type { Hanging } from '@/shared/api/types'

defineProps<{ hangings: readonly Hanging[] }>()
defineEmits<{ hang: [what: Hanging]; leave: [] }>()
const tiles = ref<HTMLElement | null>(null)

onMounted(async () => {
  await nextTick()
  tiles.value?.querySelector('button')?.focus()
})
</script>

<template>
  <div class="flex flex-wrap items-center gap-2" role="group" aria-label="What hangs here?">
    <strong>What hangs here?</strong>
    <div ref="tiles" class="flex flex-wrap gap-2">
      <button
        v-for="(what, i) in hangings"
        :key="what.key"
        type="button"
        class="btn px-3"
        :data-hang="what.key"
        @click="$emit('hang', what)"
      >
        <span class="code text-violet" aria-hidden="true">{{ i + 1 }}</span>{{ what.name }}
      </button>
    </div>
    <button type="button" class="btn px-3" @click="$emit('leave')">Nothing</button>
  </div>
</template>
