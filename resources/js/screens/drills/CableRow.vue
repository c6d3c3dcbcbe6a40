<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import type { DrillKind } from '@/shared/api/generated/http'

/** The cables of one box, every end apart; live with pen and tester, or dead with a meter and a link at the switch. */
const props = defineProps<{ kind: DrillKind; cables: readonly string[]; isOver: boolean; busy: boolean }>()
const emit = defineEmits<{ measure: [id: string] }>()
const tool = ref<'pen' | 'volt'>('pen')
const isLinked = ref(false)
const isFeed = computed(() => props.kind === 'feed')
const idOf = (cable: number) =>
  isFeed.value
    ? `${tool.value} ${cable}`
    : say('drills.read-cable-what', { cable, what: isLinked.value ? say('drills.linked') : say('drills.apart') })
</script>

<template>
  <div>
    <div class="mb-3 flex flex-wrap gap-2">
      <template v-if="isFeed">
        <button
          type="button"
          class="btn"
          :aria-pressed="tool === 'pen'"
          :class="{ 'border-3 border-violet bg-wash': tool === 'pen' }"
          data-test="tool-pen"
          @click="tool = 'pen'"
        >
          {{ say('drills.non-contact-pen') }}
        </button>
        <button
          type="button"
          class="btn"
          :aria-pressed="tool === 'volt'"
          :class="{ 'border-3 border-violet bg-wash': tool === 'volt' }"
          data-test="tool-volt"
          @click="tool = 'volt'"
        >
          {{ say('drills.voltage-tester-across-the-two') }}
        </button>
      </template>
      <button
        v-else
        type="button"
        class="btn"
        :aria-pressed="isLinked"
        data-test="link-two"
        @click="isLinked = !isLinked"
      >
        {{ isLinked ? say('drills.two-linked-at-the-switch') : say('drills.link-two-conductors-at-the') }}
      </button>
    </div>
    <ul class="space-y-2">
      <li v-for="(print, i) in cables" :key="i">
        <button
          type="button"
          class="flex min-h-14 w-full items-center gap-3 border-2 border-ink bg-face px-3 text-left hover:border-violet"
          :disabled="isOver || busy"
          :data-cable="i + 1"
          @click="emit('measure', idOf(i + 1))"
        >
          <strong class="code text-xl">{{ i + 1 }}</strong>
          <svg viewBox="0 0 200 34" class="h-9 grow" aria-hidden="true" preserveAspectRatio="xMinYMid meet">
            <rect
              x="0"
              y="5"
              width="130"
              height="24"
              fill="var(--color-sheet)"
              stroke="var(--color-ink)"
              stroke-width="2"
            />
            <text x="12" y="23" font-size="16" fill="var(--color-ink)">{{ print }}</text>
            <path
              d="M130 10q30 -8 60 -4M130 17h62M130 24q30 8 60 4"
              fill="none"
              stroke="var(--color-ink)"
              stroke-width="3"
            />
          </svg>
          <span class="text-soft">{{
            isFeed ? (tool === 'pen' ? say('drills.hold-the-pen-to-it') : say('drills.test-it')) : say('drills.read-it')
          }}</span>
        </button>
      </li>
    </ul>
  </div>
</template>
