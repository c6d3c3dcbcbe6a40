<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { BoxLeft } from './useWhatIsLeft'

/** The boxes with what is left in each; a tap opens one. */
defineProps<{ left: readonly BoxLeft[]; open: string }>()
defineEmits<{ open: [box: string] }>()
</script>

<template>
  <ul
    class="flex flex-wrap gap-1 border-t-2 border-ink p-2"
    :aria-label="say('bench.what-is-left-box-by')"
    data-hint="boxes"
  >
    <li v-for="item in left" :key="item.id">
      <button
        type="button"
        class="btn px-2.5"
        :class="{ 'border-violet bg-wash': item.id === open }"
        :aria-pressed="item.id === open"
        @click="$emit('open', item.id)"
      >
        <span class="text-sm">{{ item.label }}</span><span class="code">{{
          item.placed === item.ends && !item.open ? '✓' : `${item.placed}/${item.ends}`
        }}</span
        ><span v-if="item.open && item.placed === item.ends" class="text-sm text-soft" data-test="open">{{
          item.open
        }}</span>
      </button>
    </li>
  </ul>
</template>
