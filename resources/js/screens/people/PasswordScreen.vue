<script setup lang="ts">
import { say } from '@/shared/words/say'
import { ref } from 'vue'
import { api } from '@/shared/api/api'
import TopBar from '@/shared/ui/TopBar.vue'
import { useSending } from '@/shared/ui/useSending'
import SecondFactorPart from './SecondFactorPart.vue'

const current = ref('')
const password = ref('')
const { busy, refusal, send } = useSending()
const isDone = ref(false)

async function change() {
  isDone.value = false
  await send(async () => {
    await api.changePassword(current.value, password.value)
    current.value = password.value = ''
    isDone.value = true
  })
}
</script>

<template>
  <div class="flex min-h-dvh flex-col">
    <TopBar :title="say('shared.change-my-password')" />
    <form class="mx-auto w-full max-w-md space-y-4 p-8" @submit.prevent="change">
      <label class="block"
        ><span class="mb-1 block font-bold">{{ say('people.current-password') }}</span>
        <input v-model="current" class="field" type="password" autocomplete="current-password" required />
      </label>
      <label class="block"
        ><span class="mb-1 block font-bold">{{ say('people.new-password') }}</span>
        <input
          v-model="password"
          class="field"
          type="password"
          autocomplete="new-password"
          required
          minlength="10"
          maxlength="72"
          aria-describedby="password-help"
        />
        <span id="password-help" class="mt-1 block text-sm text-soft">{{
          say('people.at-least-10-characters-long')
        }}</span>
      </label>
      <p v-if="refusal" role="alert" class="border-l-3 border-ink pl-3">{{ refusal }}</p>
      <p v-if="isDone" role="status" class="border-l-3 border-ink pl-3">
        {{ say('people.changed-you-are-signed-out') }}
      </p>
      <button type="submit" class="btn-main" :disabled="busy">
        {{ busy ? say('people.changing') : say('people.change-it') }}
      </button>
    </form>
    <SecondFactorPart />
  </div>
</template>
