<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { isWired, workPath } from '@/shared/api/taskKinds'
import type { BenchData } from '@/shared/api/generated/http'
import RowMenu from '@/shared/ui/RowMenu.vue'
import { useSending } from '@/shared/ui/useSending'

/** Once more from bare, or from what was handed in: what was judged before goes on counting as the task says. */
const props = defineProps<{ bench: BenchData }>()
const router = useRouter()
const { refusal, send } = useSending()
const isBoard = computed(() => isWired(props.bench.kind))

async function again(from: 'bare' | 'handed-in') {
  await send(async () => {
    await api.retry(props.bench.id, from)
    await router.push(workPath(props.bench.kind, props.bench.id))
  })
}

const isFault = computed(() => props.bench.kind === 'fault')
const items = computed(() =>
  isFault.value
    ? [{ name: say('verdict.with-a-different-fault'), run: () => again('bare') }]
    : [
        { name: say('verdict.from-bare'), run: () => again('bare') },
        { name: say('verdict.from-what-was-handed-in'), run: () => again('handed-in') },
      ],
)
</script>

<template>
  <span v-if="bench.mayWireAgain && bench.isMine" class="flex items-center gap-2" data-test="again">
    <span v-if="refusal" role="alert">{{ refusal }}</span>
    <RowMenu
      :label="
        isBoard ? say('verdict.wire-it-again') : isFault ? say('verdict.find-it-again') : say('verdict.answer-again')
      "
      :items="items"
      named
    />
  </span>
</template>
