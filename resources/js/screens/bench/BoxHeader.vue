<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { BenchData } from '@/shared/api/generated/http'

/** Above the open box: which one it is, how it is shown, and what else can be done with the board. */
defineProps<{ bench: BenchData; label: string }>()
defineEmits<{ toBoard: [] }>()
const view = defineModel<'box' | 'schedule'>('view', { required: true })
const letters = defineModel<boolean>('letters', { required: true })
const coach = defineModel<boolean>('coach', { required: true })
const help = defineModel<boolean>('help', { required: true })
</script>

<template>
  <div class="flex items-center gap-3 px-3 py-1 max-md:flex-wrap">
    <button type="button" class="btn px-3 md:hidden" data-test="to-board" @click="$emit('toBoard')">
      {{ say('bench.board') }}
    </button>
    <h2 class="grow truncate text-lg">
      <span class="text-soft">{{ say('bench.open') }}</span> <strong>{{ label }}</strong>
    </h2>
    <button
      type="button"
      class="btn px-3"
      :aria-pressed="view === 'schedule'"
      @click="view = view === 'box' ? 'schedule' : 'box'"
    >
      {{ view === 'box' ? say('bench.schedule') : say('bench.box') }}
    </button>
    <button type="button" class="btn px-3" :aria-pressed="letters" @click="letters = !letters">
      {{ letters ? say('bench.letters-on') : say('bench.letters-off') }}
    </button>
    <RouterLink
      v-if="bench.mayLookForFaults"
      :to="`/diagnosis/attempt/${bench.id}`"
      class="btn px-3"
      data-test="to-faults"
      >{{ say('bench.diagnose-a-real-board') }}</RouterLink
    >
    <RouterLink v-if="bench.mayProve" :to="`/prove/${bench.id}`" class="btn px-3" data-test="to-prove">{{
      say('bench.prove-it')
    }}</RouterLink>
    <button v-if="bench.hasHelp" type="button" class="btn px-3" :aria-expanded="coach" @click="coach = !coach">
      {{ say('bench.help') }}
    </button>
    <button type="button" class="btn px-3" :aria-expanded="help" :aria-label="say('bench.keys')" @click="help = !help">
      ?
    </button>
  </div>
</template>
