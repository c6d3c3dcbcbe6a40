<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Saving } from './useOutbox'

const props = defineProps<{ state: Saving; toSend: number; done?: string }>()

const WORDS = {
  saved: say('shared.saved'),
  saving: say('shared.saving'),
  offline: say('shared.offline'),
  'signed-out': say('shared.signed-out'),
  refused: say('shared.not-saved'),
}
const isStuck = computed(() => ['offline', 'signed-out', 'refused'].includes(props.state))
const words = computed(() => {
  const word = WORDS[props.state]
  if (props.state === 'offline' || props.state === 'signed-out')
    return say('shared.word-tosend-to-send', { word, toSend: props.toSend })
  return props.state === 'saved' && props.done ? `${word} · ${props.done}` : word
})
</script>

<template>
  <span role="status" data-test="saving"><strong v-if="isStuck" aria-hidden="true">⚠ </strong>{{ words }}</span>
</template>
