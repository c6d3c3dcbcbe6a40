<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { api } from '@/shared/api/api'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

const { data, failure, load } = useLoaded(api.assignments)
const marked = computed(() => data.value?.filter((item) => item.task !== null) ?? [])
function state(item: (typeof marked.value)[number]): string {
  if (item.mode !== 'exam') return say('marks-list.practice-marks-show-at-once')
  return item.releasedAt
    ? say('marks-list.released-releasedat', { releasedAt: new Date(item.releasedAt).toLocaleDateString() })
    : say('marks-list.not-released')
}
</script>

<template>
  <div class="screen">
    <TopBar :title="say('shared.marks')"
      ><RouterLink to="/mark-grid" class="btn">{{ say('marks-list.class-and-tasks') }}</RouterLink></TopBar
    >
    <LoadState v-if="!data" :failure="failure" :what="say('marks-list.the-marks')" @again="load" />
    <main v-else class="min-h-0 grow overflow-auto p-6">
      <div v-if="marked.length === 0" class="mx-auto max-w-xl p-10">
        <h2 class="mb-2 text-xl font-bold">{{ say('marks-list.no-marks-yet') }}</h2>
        <p class="mb-5">{{ say('marks-list.a-board-set-as-a') }}</p>
        <RouterLink to="/boards?for=task" class="btn-main">{{ say('marks-list.choose-a-board') }}</RouterLink>
      </div>
      <ul v-else class="mx-auto max-w-4xl divide-y divide-line border-y border-line">
        <li v-for="item in marked" :key="item.id">
          <RouterLink
            :to="`/marks/${item.id}`"
            class="flex min-h-16 items-center gap-4 px-3 py-2 hover:bg-wash hover:text-violet"
          >
            <span class="grow"
              ><strong class="block">{{ item.task }}</strong
              ><span class="text-soft">{{ item.classroom }} · {{ state(item) }}</span></span
            >
            <span class="code text-lg">{{
              say('marks-list.handedin-seats-handed-in', { handedIn: item.handedIn, seats: item.seats })
            }}</span>
          </RouterLink>
        </li>
      </ul>
    </main>
  </div>
</template>
