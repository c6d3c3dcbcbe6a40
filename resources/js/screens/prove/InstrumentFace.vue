<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { InstrumentId, Reading } from '@/shared/api/generated/http'

/** An instrument as its work makes it: marks in a row, a window with a figure, a tip, three lamps in a plug. */
const props = defineProps<{ kind: InstrumentId; reading: Reading | null; isFuseWhole: boolean }>()

const MARKS = [12, 24, 50, 100, 200, 400]
const shown = computed(() => (props.reading?.with === props.kind ? props.reading : null))
const litUpTo = computed(() => (shown.value?.shown === 'marks' ? Number(shown.value.figure) : 0))
const isLit = computed(() => shown.value?.shown === 'lit')
const lamps = computed(() => (shown.value?.shown === 'lamps' ? shown.value.lamps : [false, false, false]))
const window_ = computed(() => {
  const reading = shown.value
  if (props.kind === 'ohm' && !props.isFuseWhole) return say('prove.window-fuse')
  if (!reading) return '– –'
  const words: Record<string, string> = {
    'live-warning': say('prove.window-live'),
    'fuse-blown': say('prove.window-fuse'),
    'no-volts': say('prove.window-no-volts'),
    'no-trip': say('prove.window-no-trip'),
    tripped: reading.figure ? `${reading.figure} ${reading.unit}` : say('shared.tripped'),
    over: `> ${reading.figure} ${reading.unit}`,
  }
  return words[reading.shown] ?? `${reading.figure} ${reading.unit}`
})
const hasWindow = computed(() => ['ohm', 'insulation', 'loop', 'rcd'].includes(props.kind))
const TAGS: Partial<Record<InstrumentId, string>> = {
  insulation: '500 V ⎓',
  loop: 'loop',
  rcd: say('prove.trip-time'),
  ohm: 'Ω',
}
</script>

<template>
  <svg
    viewBox="0 0 300 92"
    class="h-24 w-75 max-w-full shrink-0"
    role="img"
    :aria-label="shown ? shown.words : say('prove.no-reading-yet')"
    data-test="face"
  >
    <template v-if="kind === 'two-pole'">
      <path
        d="M14 46h14M272 46h14"
        stroke="var(--color-ink)"
        stroke-width="4"
        stroke-linecap="round"
        aria-hidden="true"
      />
      <rect
        x="28"
        y="14"
        width="244"
        height="64"
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        stroke-width="2"
      />
      <g v-for="(mark, i) in MARKS" :key="mark">
        <path
          :d="`M${42 + i * 38} 26h26l-6 22h-14z`"
          :fill="litUpTo >= mark ? 'var(--color-ink)' : 'var(--color-sheet)'"
          stroke="var(--color-ink)"
          stroke-width="2"
        />
        <text :x="55 + i * 38" y="69" text-anchor="middle" font-size="16" fill="var(--color-ink)">{{ mark }}</text>
      </g>
    </template>
    <template v-else-if="hasWindow">
      <rect x="6" y="8" width="288" height="76" fill="var(--color-face)" stroke="var(--color-ink)" stroke-width="2" />
      <rect
        x="18"
        y="18"
        width="212"
        height="56"
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        stroke-width="2"
      />
      <text x="222" y="60" text-anchor="end" font-size="38" fill="var(--color-ink)">{{ window_ }}</text>
      <text x="262" y="52" text-anchor="middle" font-size="16" fill="var(--color-soft)">{{ TAGS[kind] }}</text>
    </template>
    <template v-else-if="kind === 'pen'">
      <path
        d="M20 46l60 -14h180l10 14l-10 14H80z"
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        stroke-width="2"
        stroke-linejoin="round"
      />
      <path d="M80 32v28" stroke="var(--color-ink)" stroke-width="2" />
      <path v-if="isLit" d="M22 46l58 -13v26z" fill="var(--color-ink)" />
      <g v-if="isLit" stroke="var(--color-ink)" stroke-width="3" stroke-linecap="round">
        <path d="M14 34l-8 -8M10 46H0M14 58l-8 8" />
      </g>
      <text x="170" y="53" text-anchor="middle" font-size="20" fill="var(--color-ink)">
        {{ shown ? (isLit ? say('prove.pen-lights') : say('prove.pen-dark')) : '– –' }}
      </text>
    </template>
    <template v-else>
      <rect x="70" y="8" width="160" height="76" fill="var(--color-sheet)" stroke="var(--color-ink)" stroke-width="2" />
      <g v-for="(lamp, i) in lamps" :key="i">
        <circle
          :cx="106 + i * 44"
          cy="36"
          r="14"
          :fill="lamp ? 'var(--color-sheet)' : 'var(--color-ink)'"
          stroke="var(--color-ink)"
          stroke-width="3"
        />
        <circle v-if="lamp" :cx="106 + i * 44" cy="36" r="6" fill="none" stroke="var(--color-ink)" stroke-width="2" />
        <text :x="106 + i * 44" y="74" text-anchor="middle" font-size="16" fill="var(--color-ink)">
          {{ ['H–N', 'H–G', 'N–G'][i] }}
        </text>
      </g>
    </template>
  </svg>
</template>
