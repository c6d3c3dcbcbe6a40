<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { BoardLook, TrayItem } from '@/shared/api/generated/http'
import { paintOf } from '@/shared/board/conductor'
import type { Hand } from './useHand'
import { trayKeys } from './useKeys'

defineProps<{ board: BoardLook; hand: Hand; keys: boolean }>()
/** What a connector is, told where it lies. */
const whatIs = ({ by, ports, label }: TrayItem) =>
  by === 'lever'
    ? say('shared.label-a-connector-with-ports', { label, ports })
    : say('shared.label-joins-the-wires-youre', {
        label,
        what: ports ? say('shared.up-to-ports-of-them', { ports }) : '',
      })
const MARK_KEYS = { line: 'H', neutral: 'N', earth: 'G' } as const
</script>

<template>
  <div
    class="flex flex-wrap items-center gap-1.5"
    role="toolbar"
    :aria-label="say('shared.tray-connectors-caps-and-marks')"
  >
    <button
      v-for="[key, item] in trayKeys(board.tray)"
      :key="key"
      type="button"
      class="btn min-w-11 px-2.5"
      :data-tray="`${item.by}-${item.ports ?? ''}`"
      :title="whatIs(item)"
      :disabled="hand.carried.value.length < 2"
      @click="hand.gather(item)"
    >
      {{ item.label }}<kbd v-if="keys" class="code text-violet">⇧{{ key }}</kbd>
    </button>
    <button
      type="button"
      class="btn px-2.5"
      data-tray="pigtail"
      :aria-pressed="hand.isPigtailInHand.value"
      :disabled="hand.carried.value.length === 0 && !hand.isPigtailInHand.value"
      @click="hand.takePigtail()"
    >
      {{ say('shared.pigtail') }}<kbd v-if="keys" class="code text-violet">⇧P</kbd>
    </button>
    <span class="h-8 border-l-2 border-line" aria-hidden="true" />
    <button
      type="button"
      class="btn px-2.5"
      data-tray="cap"
      :disabled="hand.carried.value.length === 0"
      @click="hand.cap()"
    >
      {{ board.words.cap }}<kbd v-if="keys" class="code text-violet">⇧C</kbd>
    </button>
    <button
      v-for="mark in board.marks"
      :key="mark.as"
      type="button"
      class="btn px-2.5"
      :aria-label="mark.label"
      :title="mark.label"
      :disabled="hand.carried.value.length === 0"
      @click="hand.mark(mark.as)"
    >
      <svg viewBox="0 0 20 20" class="h-5 w-5" aria-hidden="true">
        <rect
          x="1"
          y="5"
          width="18"
          height="10"
          :fill="paintOf(mark.colour).body"
          stroke="var(--color-ink)"
          stroke-width="2"
        />
        <path
          v-if="paintOf(mark.colour).stripe"
          d="M2 10h16"
          :stroke="paintOf(mark.colour).stripe!"
          stroke-width="8"
          stroke-dasharray="4 4"
        />
      </svg>
      {{ mark.label.split(':')[1]?.trim() }}<kbd v-if="keys" class="code text-violet">⇧{{ MARK_KEYS[mark.as] }}</kbd>
    </button>
    <span class="h-8 border-l-2 border-line" aria-hidden="true" />
    <button type="button" class="btn px-2.5" :disabled="hand.carried.value.length === 0" @click="hand.takeOff()">
      {{ say('shared.disconnect') }}<kbd v-if="keys" class="code text-violet">⌫</kbd>
    </button>
    <button type="button" class="btn px-2.5" :disabled="hand.carried.value.length === 0" @click="hand.putDown()">
      {{ say('shared.put-down') }}<kbd v-if="keys" class="code text-violet">{{ say('shared.esc') }}</kbd>
    </button>
  </div>
</template>
