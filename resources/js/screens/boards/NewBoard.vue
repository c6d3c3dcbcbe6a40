<script setup lang="ts">
import { say } from '@/shared/words/say'
import { api } from '@/shared/api/api'
import type { Board } from '@/shared/api/generated/http'
import BoardThumb from '@/shared/board/BoardThumb.vue'
import { practices } from '@/shared/practices'
import LoadState from '@/shared/ui/LoadState.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** Patterns as pictures that show where the feed comes in, and a bare wall for each practice. */
defineEmits<{ start: [what: { practice: Board['practice'] } | { pattern: string }] }>()
const { data, failure, load } = useLoaded(api.patterns)
const of = (practice: string) => data.value?.filter((pattern) => pattern.practice === practice) ?? []
</script>

<template>
  <LoadState v-if="!data" :failure="failure" :what="say('boards.the-patterns')" @again="load" />
  <main v-else class="min-h-0 grow overflow-auto p-6" data-test="patterns">
    <section v-for="practice in practices()" :key="practice.id" class="mb-8">
      <h2 class="mb-3 text-xl font-bold">{{ practice.name }}</h2>
      <ul class="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-3">
        <li>
          <button
            type="button"
            class="flex h-full w-full cursor-pointer flex-col rounded-md border-2 border-dashed border-soft p-3 text-left hover:border-violet hover:text-violet"
            @click="$emit('start', { practice: practice.id as Board['practice'] })"
          >
            <span class="h-24 w-full" /><strong>{{ say('boards.a-bare-wall') }}</strong>
          </button>
        </li>
        <li v-for="pattern in of(practice.id)" :key="pattern.key">
          <button
            type="button"
            class="flex h-full w-full cursor-pointer flex-col rounded-md border border-soft p-3 text-left hover:border-violet hover:text-violet"
            :data-pattern="pattern.key"
            @click="$emit('start', { pattern: pattern.key })"
          >
            <span class="h-24 w-full"><BoardThumb :sketch="pattern.sketch" /></span>
            <strong>{{ pattern.title }}</strong>
          </button>
        </li>
      </ul>
    </section>
  </main>
</template>
