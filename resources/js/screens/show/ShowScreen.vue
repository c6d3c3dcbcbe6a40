<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { api } from '@/shared/api/api'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import ShownBoard from './ShownBoard.vue'

const props = defineProps<{ boardFile: number }>()
const { data, failure, load } = useLoaded(async () => {
  const [list, plan] = await Promise.all([api.plans(props.boardFile), api.plan(props.boardFile, 0).catch(() => null)])
  return { list, plan }
})
const title = computed(() => data.value?.list.board.title ?? say('shared.show'))
</script>

<template>
  <div class="screen">
    <TopBar :title="title" :board="boardFile" />
    <LoadState v-if="!data" :failure="failure" :what="say('shared.the-board')" @again="load" />
    <main v-else-if="!data.plan" class="p-10">
      <h2 class="mb-2 text-xl font-bold">{{ say('show.this-board-has-no-switches') }}</h2>
      <p class="mb-5">{{ data.list.impossible }}</p>
      <RouterLink :to="`/draw/${boardFile}`" class="btn-main">{{ say('show.draw-on-it') }}</RouterLink>
    </main>
    <ShownBoard v-else :plan="data.plan" :title="title" :board-file="boardFile" />
  </div>
</template>
