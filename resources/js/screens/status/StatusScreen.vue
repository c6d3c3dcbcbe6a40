<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/shared/api/client'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** How the installation is, in words. */
const EVERY_MS = 30_000
const { data, failure, load } = useLoaded(() => api.status(), EVERY_MS)
const SIGNS = { good: '✓', watch: '▲', bad: '✕' }
const WORDS = { good: 'well', watch: 'watch it', bad: 'bad' }
const apart = ref(0)
watch(data, (fresh) => {
  if (fresh) apart.value = Math.round((Date.now() - Date.parse(fresh.time)) / 1000)
})
const isApart = computed(() => Math.abs(apart.value) > 60)
</script>

<template>
  <div class="screen">
    <TopBar title="How the server is" />
    <LoadState v-if="!data" :failure="failure" what="The server" @again="load" />
    <main v-else class="mx-auto w-full max-w-3xl grow overflow-auto p-6" tabindex="0">
      <p v-if="failure" role="status" class="mb-3 border-l-4 border-ink pl-3">{{ failure }} What you see is old.</p>
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
          <strong class="code w-28 shrink-0 border-2 border-ink px-2 text-center">▲ watch it</strong>
          <span
            >{{
              apart > 0
                ? say('«This device’s clock is :seconds seconds fast. Exams use the server’s clock.»', { seconds: apart })
                : say('«This device’s clock is :seconds seconds slow. Exams use the server’s clock.»', { seconds: -apart })
            }}</span
          >
        </li>
      </ul>
      <p class="mt-4 text-soft">
        When something goes wrong an error number is shown. Read it to your technician: the log finds it.
      </p>
    </main>
  </div>
</template>
