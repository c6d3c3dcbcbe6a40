<script setup lang="ts">
import { say } from '@/shared/words/say'
</script>

<template>
  <main class="mx-auto max-w-xl p-12">
    <h1 class="mb-2 text-2xl font-bold">{{ say('sign-in.page-not-found') }}</h1>
    <p class="mb-6">{{ say('sign-in.there-is-no-page-at') }}</p>
    <RouterLink to="/" class="btn-main">{{ say('shared.back-to-the-start') }}</RouterLink>
  </main>
</template>
