<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'

/** An instructor tries a board: what that means, and the way out. */
const props = defineProps<{ attempt: number; boardFile: number }>()
const router = useRouter()
const failure = ref('')

async function leave() {
  await orSay(failure, async () => {
    await api.leaveTry(props.attempt)
    await router.push(`/try/${props.boardFile}`)
  })
}
</script>

<template>
  <div
    class="flex items-center gap-3 border-b border-line bg-wash px-4 py-1 max-md:flex-wrap"
    role="region"
    :aria-label="say('shared.trying-a-board')"
  >
    <p class="grow">{{ failure || say('shared.you-are-trying-this-board') }}</p>
    <a class="btn-quiet underline" :href="downloads.fileOfTry(attempt)" download>{{
      say('shared.save-the-wiring-as-a')
    }}</a>
    <button type="button" class="btn" @click="leave">{{ say('shared.leave-the-trial') }}</button>
  </div>
</template>
