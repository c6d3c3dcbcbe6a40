<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { api } from '@/shared/api/api'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

const { data, failure, load } = useLoaded(async () => {
  const [tasks, markings] = await Promise.all([api.tasks(), api.markings()])
  return { tasks, markings }
})
const KINDS: Record<string, string> = {
  wire: say('tasks.wire-it-from-bare'),
  fault: say('tasks.find-the-fault'),
  finish: say('tasks.finish-it'),
  predict: say('tasks.say-what-the-light-does'),
  trace: say('tasks.trace-the-path'),
  names: say('tasks.name-the-screws-and-cables'),
  parts: say('tasks.choose-the-parts'),
}
const markingOf = (id: number) => data.value?.markings.find((marking) => marking.id === id)?.title ?? ''
const own = computed(() => data.value?.markings.filter(({ isMine }) => isMine) ?? [])
const house = computed(() => data.value?.markings.filter(({ isMine }) => !isMine) ?? [])
</script>

<template>
  <div class="screen">
    <TopBar :title="say('shared.tasks')"
      ><RouterLink to="/boards?for=task" class="btn-main">{{ say('tasks.make-a-task') }}</RouterLink></TopBar
    >
    <LoadState v-if="!data" :failure="failure" :what="say('tasks.the-tasks')" @again="load" />
    <main v-else class="panes grid-cols-[minmax(0,64fr)_minmax(16rem,36fr)] overflow-auto">
      <section class="p-6" :aria-label="say('shared.tasks')">
        <div v-if="data.tasks.length === 0" class="max-w-xl">
          <h2 class="mb-2 text-xl font-bold">{{ say('tasks.no-task-yet') }}</h2>
          <p class="mb-5">
            {{ say('tasks.a-task-asks-for-something') }}
          </p>
          <RouterLink to="/boards?for=task" class="btn-main">{{ say('tasks.choose-a-board') }}</RouterLink>
        </div>
        <ul v-else class="divide-y divide-line border-y border-line">
          <li v-for="task in data.tasks" :key="task.id">
            <RouterLink
              :to="`/task/${task.board.id}?task=${task.id}`"
              class="flex min-h-16 items-center gap-4 px-3 py-2 hover:bg-wash hover:text-violet"
            >
              <span class="grow"
                ><strong class="block">{{ task.title }}</strong
                ><span class="text-soft"
                  >{{ task.board.title }} · {{ KINDS[task.task.kind] ?? task.task.kind }}</span
                ></span
              >
              <span class="text-soft">{{ markingOf(task.marking) }}</span>
            </RouterLink>
          </li>
        </ul>
      </section>
      <section class="border-l border-line p-6" :aria-label="say('tasks.markings')">
        <h2 class="mb-2 text-lg font-bold">{{ say('tasks.markings') }}</h2>
        <p class="mb-3 text-soft">{{ say('tasks.how-many-points-each-part') }}</p>
        <ul class="divide-y divide-line border-y border-line">
          <li v-for="marking in [...own, ...house]" :key="marking.id" class="flex min-h-11 items-center gap-3 px-2">
            <span class="grow">{{ marking.title }}</span><span class="text-soft">{{
              marking.isMine ? say('tasks.yours') : say('tasks.the-houses')
            }}</span>
          </li>
        </ul>
      </section>
    </main>
  </div>
</template>
