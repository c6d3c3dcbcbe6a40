<script setup lang="ts">
import type { NearestPlan } from '@/shared/api/generated/http'

defineProps<{ nearest: NearestPlan }>()
defineEmits<{ show: [box: string] }>()
</script>

<template>
  <section aria-label="Nearest plan" data-test="nearest">
    <p v-if="nearest.headline === null">
      This board has no plan with the cables and parts that hang there, or none was found.
    </p>
    <p v-else-if="nearest.changes.length === 0">The board is wired by a plan as it stands: nothing would change.</p>
    <template v-else>
      <h3 class="font-bold">
        {{ saySome('«{1} One change to the nearest plan|[0,*] :count changes to the nearest plan»', nearest.changes.length) }}
      </h3>
      <p>{{ nearest.headline }} The board in the middle shows it wired so; marks and caps are told too.</p>
      <ol class="mt-2 list-decimal pl-6">
        <li v-for="(change, i) in nearest.changes" :key="i" class="py-0.5">
          <button type="button" class="cursor-pointer text-left hover:text-violet" @click="$emit('show', change.box)">
            {{ change.text }}
          </button>
        </li>
      </ol>
    </template>
  </section>
</template>
