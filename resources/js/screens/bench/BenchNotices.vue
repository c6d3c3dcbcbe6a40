<script setup lang="ts">
import { say } from '@/shared/words/say'
import NoticeBar from '@/shared/ui/NoticeBar.vue'

/** What has to be known before a hand goes on: what the server says, a supply that is on, a clock that stands. */
defineProps<{ attempt: number; told: string; notice: string; isSupplyOn: boolean; isPaused: boolean }>()
defineEmits<{ dismiss: [] }>()
</script>

<template>
  <p v-if="told" role="alert" class="border-b-2 border-ink bg-wash px-4 py-2 font-bold" data-test="told">{{ told }}</p>
  <NoticeBar v-if="notice" @dismiss="$emit('dismiss')">{{ notice }}</NoticeBar>
  <p
    v-if="isSupplyOn"
    role="status"
    class="flex items-center gap-3 border-b-2 border-ink bg-wash px-4 py-2 font-bold"
    data-test="supply-on"
  >
    <span class="hazard h-6 w-6 shrink-0 border-2 border-ink" aria-hidden="true" />
    {{ say('bench.the-supply-is-on-isolate') }}
    <RouterLink :to="`/prove/${attempt}`" class="btn px-3">{{ say('bench.to-the-supply') }}</RouterLink>
  </p>
  <p v-if="isPaused" role="status" class="border-b-2 border-ink bg-wash px-4 py-3 font-bold" data-test="paused">
    {{ say('bench.the-clock-is-paused-leave') }}
  </p>
</template>
