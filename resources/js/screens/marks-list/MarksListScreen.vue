<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/shared/api/client'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

const { data, failure, load } = useLoaded(api.assignments)
const marked = computed(() => data.value?.filter((item) => item.task !== null) ?? [])
function state(item: (typeof marked.value)[number]): string {
  if (item.mode !== 'exam') return 'practice: marks are seen at once'
  return item.releasedAt ? `out since ${new Date(item.releasedAt).toLocaleDateString()}` : 'not out yet'
}
</script>

<template>
  <div class="screen">
    <TopBar title="Marks"><RouterLink to="/mark-grid" class="btn">Class and tasks</RouterLink></TopBar>
    <LoadState v-if="!data" :failure="failure" what="The marks" @again="load" />
    <main v-else class="min-h-0 grow overflow-auto p-6">
      <div v-if="marked.length === 0" class="mx-auto max-w-xl p-10">
        <h2 class="mb-2 text-xl font-bold">No marks yet</h2>
        <p class="mb-5">A board that is set as a task is marked when it is handed in. Make a task on any board.</p>
        <RouterLink to="/boards?for=task" class="btn-main">Choose a board</RouterLink>
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
            <span class="code text-lg">{{ item.handedIn }}/{{ item.seats }} handed in</span>
          </RouterLink>
        </li>
      </ul>
    </main>
  </div>
</template>
