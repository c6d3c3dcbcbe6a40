<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { api } from '@/shared/api/api'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** How the installation is, in words. */
const EVERY_MS = 30_000
const { data, failure, load } = useLoaded(() => api.status(), EVERY_MS)
const SIGNS = { good: '✓', watch: '▲', bad: '✕' }
const WORDS = { good: say('status.ok'), watch: say('status.check-this-2'), bad: say('status.fault') }
const apart = ref(0)
watch(data, (fresh) => {
  if (fresh) apart.value = Math.round((Date.now() - Date.parse(fresh.time)) / 1000)
})
const isApart = computed(() => Math.abs(apart.value) > 60)
</script>

<template>
  <div class="screen">
    <TopBar :title="say('shared.server-status')" />
    <LoadState v-if="!data" :failure="failure" :what="say('status.the-server')" @again="load" />
    <main v-else class="mx-auto w-full max-w-3xl grow overflow-auto p-6" tabindex="0">
      <p v-if="failure" role="status" class="mb-3 border-l-4 border-ink pl-3">
        {{ say('status.failure-what-you-see-may', { failure }) }}
      </p>
      <ul class="divide-y divide-line border-y-2 border-ink" data-test="status">
        <li
          v-for="line in data.lines"
          :key="line.what"
          class="flex items-center gap-4 py-3"
          :data-what="line.what"
          :data-state="line.state"
        >
          <strong
            class="code w-28 shrink-0 border-2 border-ink px-2 text-center"
            :class="{ 'bg-ink text-paper': line.state === 'bad' }"
            >{{ SIGNS[line.state] }} {{ WORDS[line.state] }}</strong
          >
          <span>{{ line.text }}</span>
        </li>
        <li v-if="isApart" class="flex items-center gap-4 py-3" data-what="apart">
          <strong class="code w-28 shrink-0 border-2 border-ink px-2 text-center">{{
            say('status.check-this')
          }}</strong>
          <span>{{
            apart > 0
              ? say('status.this-devices-clock-is-seconds', { seconds: apart })
              : say('status.this-devices-clock-is-seconds-2', { seconds: -apart })
          }}</span>
        </li>
      </ul>
      <p class="mt-4 text-soft">
        {{ say('status.if-something-goes-wrong-you') }}
      </p>
    </main>
  </div>
</template>
