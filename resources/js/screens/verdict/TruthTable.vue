<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { VerdictData } from '@/shared/api/generated/http'
import LampSign from '@/shared/ui/LampSign.vue'
import PaddleSign from '@/shared/ui/PaddleSign.vue'
import { LAMP_STATES, lampWord } from '@/shared/board/lampStates'
import { bitOf } from '@/shared/board-pane/positionsIn'

const props = defineProps<{ verdict: VerdictData; state: number; placeOf?: (box: string) => string }>()
const emit = defineEmits<{ choose: [state: number] }>()

const WORDS: Record<string, string> = { '1': lampWord('on'), d: lampWord('dim'), '0': lampWord('off') }
const TRIPS: Record<string, string> = { b: say('verdict.breaker-trips'), r: say('verdict.rcd-trips') }
const MOST_ROWS = 64
const states = computed(() =>
  Array.from({ length: Math.min(MOST_ROWS, props.verdict.trips.length) }, (_, state) => state),
)
/** Several lamps have to share the width of one. */
const isCompact = computed(() => props.verdict.lamps.length > 1)
const hidden = computed(() => props.verdict.trips.length - states.value.length)

function isDown(state: number, i: number): boolean {
  return (state & bitOf(props.verdict, i)) !== 0
}

function shouldBe(lamp: VerdictData['lamps'][number], state: number): string {
  const expected = lamp.expected?.[state]
  const seen = lamp.states[state]
  return expected === undefined || expected === seen
    ? ''
    : say('verdict.should-be-tolowercase', { toLowerCase: WORDS[expected]?.toLowerCase() })
}
</script>

<template>
  <table class="w-full border-collapse text-center">
    <caption class="sr-only">
      {{
        say('verdict.what-the-lamp-does-in')
      }}
    </caption>
    <thead>
      <tr class="border-b-2 border-ink align-bottom">
        <th v-for="item in verdict.switches" :key="item.id" scope="col" class="px-1 pb-1">
          <span v-if="placeOf && !isCompact" class="block text-xs leading-tight">{{ placeOf(item.box) }}</span><span
            class="code block"
            :class="{ 'text-xs font-normal text-soft': placeOf && !isCompact }"
            >{{ item.id }}</span
          >
        </th>
        <th v-for="lamp in verdict.lamps" :key="lamp.id" scope="col" class="px-1 pb-1">
          <span v-if="placeOf && !isCompact" class="block text-xs leading-tight">{{ placeOf(lamp.box) }}</span><span
            class="code block"
            :class="{ 'text-xs font-normal text-soft': placeOf && !isCompact }"
            >{{ lamp.id }}</span
          >
        </th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="row in states"
        :key="row"
        class="cursor-pointer border-b border-line"
        :class="row === state ? 'bg-wash outline-2 -outline-offset-2 outline-violet' : ''"
        :data-state="row"
        @click="emit('choose', row)"
      >
        <td v-for="(item, i) in verdict.switches" :key="item.id" class="h-11 px-1">
          <button v-if="i === 0" type="button" class="sr-only" @click.stop="emit('choose', row)">
            {{ say('verdict.show-row-what', { what: row + 1 }) }}
          </button>
          <PaddleSign
            class="mx-auto h-8"
            role="img"
            :aria-label="`${item.id} ${isDown(row, i) ? say('shared.down') : say('shared.up')}`"
            :is-down="isDown(row, i)"
          />
        </td>
        <td v-for="lamp in verdict.lamps" :key="lamp.id" class="px-1">
          <span class="flex items-center justify-center" :class="isCompact ? 'flex-col' : 'gap-2'">
            <LampSign class="h-7 w-7" :state="LAMP_STATES[lamp.states[row]!] ?? 'off'" />
            <span class="code leading-tight" :class="isCompact ? 'text-center text-sm' : 'text-left'">
              {{ TRIPS[verdict.trips[row]!] ?? WORDS[lamp.states[row]!] }}
              <span v-if="shouldBe(lamp, row)" class="block border-2 border-ink px-1"
                >✕ <span :class="{ 'sr-only': isCompact }">{{ shouldBe(lamp, row) }}</span></span
              >
            </span>
          </span>
        </td>
      </tr>
    </tbody>
    <tfoot v-if="hidden > 0">
      <tr>
        <td :colspan="verdict.switches.length + verdict.lamps.length" class="py-2 text-soft">
          {{ say('verdict.hidden-more-combinations-flip-the', { hidden }) }}
        </td>
      </tr>
    </tfoot>
  </table>
</template>
