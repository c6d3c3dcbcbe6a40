<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { lampWord } from '@/shared/board/lampStates'
import type { ProofData } from '@/shared/api/generated/http'

/** The supply as it hangs: levers, locks and tags. One is chosen, and what a hand can do with it stands below. */
const props = defineProps<{ data: ProofData }>()
const emit = defineEmits<{
  act: [kind: 'turn-on' | 'turn-off' | 'lock' | 'unlock' | 'tag' | 'untag' | 'identify', on: string]
}>()
const chosen = ref('')
const part = computed(() => props.data.parts.find(({ id }) => id === chosen.value) ?? null)
const STATES: Record<string, string> = {
  on: lampWord('on'),
  off: lampWord('off'),
  tripped: say('shared.tripped'),
}
const stateWord = (state: string) => STATES[state] ?? state
const isBreaker = computed(() => chosen.value.startsWith('breaker'))
</script>

<template>
  <section :aria-label="say('prove.supply')" class="border-2 border-ink bg-face" data-test="supply">
    <ul>
      <li v-for="item in data.parts" :key="item.id" class="border-b border-line last:border-b-0">
        <button
          type="button"
          class="flex min-h-12 w-full items-center gap-2 px-2 py-1 text-left"
          :class="chosen === item.id ? 'bg-wash outline-3 -outline-offset-3 outline-violet' : ''"
          :aria-pressed="chosen === item.id"
          :aria-label="`${item.name}, ${stateWord(item.state).toLowerCase()}${item.isLocked ? say('prove.locked') : ''}${item.isTagged ? say('prove.tagged') : ''}`"
          :data-part="item.id"
          :data-state="item.state"
          @click="chosen = item.id"
        >
          <svg viewBox="0 0 26 40" class="h-10 w-6.5 shrink-0" aria-hidden="true">
            <rect
              x="1"
              y="1"
              width="24"
              height="38"
              fill="var(--color-sheet)"
              stroke="var(--color-ink)"
              stroke-width="2"
            />
            <rect
              x="6"
              :y="{ on: 5, tripped: 14, off: 22 }[item.state]"
              width="14"
              height="13"
              :fill="item.state === 'on' ? 'var(--color-ink)' : 'var(--color-sheet)'"
              stroke="var(--color-ink)"
              stroke-width="2"
            />
          </svg>
          <span class="min-w-0 grow text-sm leading-tight">{{ item.name }}</span>
          <svg v-if="item.isTagged" viewBox="0 0 20 28" class="h-7 w-5 shrink-0" aria-hidden="true">
            <path d="M10 1v5M3 6h14v20H3z" fill="var(--color-sheet)" stroke="var(--color-ink)" stroke-width="2" />
            <path d="M6 13h8M6 18h8" stroke="var(--color-ink)" stroke-width="1.5" />
          </svg>
          <svg v-if="item.isLocked" viewBox="0 0 20 28" class="h-7 w-5 shrink-0" aria-hidden="true">
            <path d="M5 13V8a5 5 0 0 1 10 0v5" fill="none" stroke="var(--color-ink)" stroke-width="3" />
            <rect x="2" y="13" width="16" height="13" fill="var(--color-ink)" />
          </svg>
          <span class="code w-13 shrink-0 text-right">{{ stateWord(item.state) }}</span>
        </button>
      </li>
    </ul>
    <div v-if="part" class="flex flex-wrap gap-1 border-t-2 border-ink p-1.5 [&>button]:px-2.5">
      <button
        v-if="part.state === 'on'"
        type="button"
        class="btn"
        data-test="turn-off"
        @click="emit('act', 'turn-off', part.id)"
      >
        {{ say('prove.switch-off') }}
      </button>
      <template v-else>
        <button
          v-if="part.state === 'tripped'"
          type="button"
          class="btn"
          data-test="turn-off"
          @click="emit('act', 'turn-off', part.id)"
        >
          {{ say('prove.push-off') }}
        </button>
        <button type="button" class="btn" data-test="turn-on" @click="emit('act', 'turn-on', part.id)">
          {{ say('prove.switch-on') }}
        </button>
      </template>
      <button
        type="button"
        class="btn"
        data-test="lock"
        @click="emit('act', part.isLocked ? 'unlock' : 'lock', part.id)"
      >
        {{ part.isLocked ? say('prove.remove-lock') : say('prove.lock-off') }}
      </button>
      <button type="button" class="btn" data-test="tag" @click="emit('act', part.isTagged ? 'untag' : 'tag', part.id)">
        {{ part.isTagged ? say('prove.remove-tag') : say('prove.tag-it') }}
      </button>
      <button
        v-if="isBreaker"
        type="button"
        class="btn whitespace-normal"
        data-test="identify"
        @click="emit('act', 'identify', part.id)"
      >
        {{ say('prove.this-one-feeds-your-board') }}
      </button>
    </div>
    <p v-else class="border-t border-line p-2 text-sm text-soft">{{ say('prove.choose-one-to-switch-lock') }}</p>
  </section>
</template>
