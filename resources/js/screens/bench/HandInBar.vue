<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed } from 'vue'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import type { BoxLeft } from './useWhatIsLeft'

/** Asks once more before a board is handed in, and says what is unfinished, box by box; it never says what is wrong. */
const props = defineProps<{ left: readonly BoxLeft[]; loose: number; isLast: boolean; busy: boolean }>()
defineEmits<{ yes: []; no: [] }>()
const unfinished = computed(() =>
  props.left
    .filter(({ placed, ends, open: words }) => placed < ends || words)
    .map(({ label, placed, ends, open: words }) =>
      [label, placed < ends ? say('bench.what-of-ends-still-loose', { what: ends - placed, ends }) : '', words]
        .filter(Boolean)
        .join(': '),
    ),
)
</script>

<template>
  <ConfirmBar
    :label="say('bench.hand-in')"
    :yes="say('bench.hand-in-now')"
    :busy-word="say('bench.handing-in')"
    :no="say('shared.not-yet')"
    :busy="busy"
    @yes="$emit('yes')"
    @no="$emit('no')"
    ><strong>{{ say('bench.hand-in-for-good') }}</strong>
    {{
      loose === 0 ? say('bench.every-conductor-is-connected-or') : saySome('bench.one-conductor-is-still-loose', loose)
    }}
    <span v-if="unfinished.length > 0" data-test="unfinished">{{ unfinished.join('; ') }}.</span>
    {{ isLast ? say('bench.you-cannot-change-the-board') : say('bench.you-can-wire-it-again') }}</ConfirmBar
  >
</template>
