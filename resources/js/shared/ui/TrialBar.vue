<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/client'

/** An instructor tries a board: what that means, and the way out. */
const props = defineProps<{ attempt: number; boardFile: number }>()
const router = useRouter()
const failure = ref('')

async function leave() {
  try {
    await api.leaveTry(props.attempt)
    await router.push(`/try/${props.boardFile}`)
  } catch (error) {
    failure.value = (error as Error).message
  }
}
</script>

<template>
  <div
    class="flex items-center gap-3 border-b border-line bg-wash px-4 py-1 max-md:flex-wrap"
    role="region"
    aria-label="Trying a board"
  >
    <p class="grow">{{ failure || 'You are trying this board. Nothing is saved.' }}</p>
    <a class="btn-quiet underline" :href="api.fileOfTry(attempt)" download>Save the wiring as a file</a>
    <button type="button" class="btn" @click="leave">Leave it</button>
  </div>
</template>
