<script setup lang="ts">
import { reasonOf } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Refused } from '@/shared/api/client'
import { useSession } from '@/shared/stores/session'

const session = useSession()
const router = useRouter()
const route = useRoute()
const username = ref('')
const password = ref('')
const failure = ref('')
const code = ref('')
const isCodeAsked = ref(false)
const busy = ref(false)

async function signIn() {
  busy.value = true
  failure.value = ''
  try {
    await session.signIn(username.value, password.value, code.value)
    const then = typeof route.query.then === 'string' && /^\/(?!\/)/.test(route.query.then) ? route.query.then : '/'
    await router.push(then)
  } catch (error) {
    failure.value = reasonOf(error)
    const errors = error instanceof Refused ? error.json?.errors : null
    if (errors && typeof errors === 'object' && 'code' in errors) isCodeAsked.value = true
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="grid min-h-full grid-cols-1 md:grid-cols-2">
    <section class="hidden items-center justify-center border-r-2 border-ink bg-face p-10 md:flex">
      <svg
        viewBox="0 0 420 320"
        class="w-full max-w-lg"
        role="img"
        :aria-label="say('sign-in.two-switches-and-a-lamp')"
      >
        <g fill="none" stroke-linejoin="round" stroke-linecap="round">
          <path d="M20 230H90" stroke="var(--color-ink)" stroke-width="11" />
          <path d="M20 230H90" stroke="var(--color-wire-black)" stroke-width="8" />
          <path d="M150 205H270" stroke="var(--color-ink)" stroke-width="11" />
          <path d="M150 205H270" stroke="var(--color-wire-red)" stroke-width="8" />
          <path d="M150 255H235" stroke="var(--color-ink)" stroke-width="11" />
          <path d="M150 255H235" stroke="var(--color-wire-black)" stroke-width="8" />
          <path d="M300 170V90" stroke="var(--color-ink)" stroke-width="11" />
          <path d="M300 170V90" stroke="var(--color-sheet)" stroke-width="8" />
        </g>
        <g fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="3">
          <rect x="90" y="170" width="60" height="120" rx="3" />
          <rect x="110" y="205" width="20" height="50" />
          <rect x="270" y="170" width="60" height="120" rx="3" />
          <rect x="290" y="205" width="20" height="50" />
          <circle cx="300" cy="60" r="32" />
          <path d="M280 40 320 80M280 80 320 40" />
        </g>
        <circle cx="244" cy="255" r="9" fill="none" stroke="var(--color-violet)" stroke-width="4" />
      </svg>
    </section>
    <section class="flex items-center justify-center p-8">
      <form class="w-full max-w-sm space-y-5" @submit.prevent="signIn">
        <h1 class="text-3xl font-bold">{{ say('shared.zwindle') }}</h1>
        <p v-if="session.isDemo" class="border-l-4 border-ink pl-3" role="note" data-test="demo">
          <strong>{{ say('sign-in.this-is-the-demo') }}</strong> {{ say('sign-in.the-people-are-made-up') }}
        </p>
        <p class="text-soft">{{ say('sign-in.practice-boards-for-switch-wiring') }}</p>
        <label class="block"
          ><span class="mb-1 block font-bold">{{ say('shared.name') }}</span
          ><input
            v-model="username"
            class="field"
            name="username"
            autocomplete="username"
            autocapitalize="none"
            required
            maxlength="80"
        /></label>
        <label class="block"
          ><span class="mb-1 block font-bold">{{ say('sign-in.code-or-password') }}</span
          ><input
            v-model="password"
            class="field"
            name="password"
            type="password"
            autocomplete="current-password"
            required
            maxlength="200"
        /></label>
        <label v-if="isCodeAsked" class="block"
          ><span class="mb-1 block font-bold">{{ say('sign-in.six-digits-from-your-phone') }}</span
          ><input
            v-model="code"
            class="field code"
            name="code"
            inputmode="numeric"
            autocomplete="one-time-code"
            maxlength="8"
            required
        /></label>
        <p v-if="failure" role="alert" class="border-l-4 border-ink pl-3">{{ failure }}</p>
        <button type="submit" class="btn-main w-full" :disabled="busy">
          {{ busy ? say('sign-in.signing-in') : say('sign-in.sign-in') }}
        </button>
      </form>
    </section>
  </main>
</template>
