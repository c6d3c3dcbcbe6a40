<script setup lang="ts">
import type { RepairMove } from '@/shared/api/types'

const props = defineProps<{ moves: readonly RepairMove[]; reason: string | null }>()
/** The move that is shown on the board; -1 before the first. */
const at = defineModel<number>({ required: true })

const step = (by: number) => (at.value = Math.min(props.moves.length - 1, Math.max(-1, at.value + by)))
</script>

<template>
  <section
    v-if="moves.length > 0 || reason"
    class="mb-3 border-2 border-ink p-3"
    aria-label="Repair"
    data-test="repair"
  >
    <p v-if="reason">{{ reason }}</p>
    <template v-else>
      <h3 class="font-bold">
        {{ moves.length === 1 ? 'One move puts it right' : `${moves.length} moves put it right` }}
      </h3>
      <ol class="my-2 list-inside list-decimal">
        <li
          v-for="(move, i) in moves"
          :key="i"
          :class="i === at ? 'border-l-4 border-violet bg-wash pl-2 font-bold' : 'pl-3'"
          :aria-current="i === at ? 'step' : undefined"
        >
          {{ move.text }}
        </li>
      </ol>
      <div class="flex flex-wrap gap-2">
        <button type="button" class="btn px-3" :disabled="at < 0" @click="step(-1)">Move before</button>
        <button type="button" class="btn px-3" :disabled="at >= moves.length - 1" @click="step(1)">
          {{ at < 0 ? 'Show the first move' : 'Next move' }}
        </button>
      </div>
    </template>
  </section>
</template>
