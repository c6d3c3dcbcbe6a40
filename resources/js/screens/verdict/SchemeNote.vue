<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { SchemeData } from '@/shared/api/generated/http'

defineProps<{ schemes: readonly SchemeData[] }>()
</script>

<template>
  <p v-for="scheme in schemes.filter(({ id }) => id !== null)" :key="scheme.lamps" class="text-soft" data-test="scheme">
    {{ schemes.length > 1 ? say('verdict.scheme-for-lamps', { lamps: scheme.lamps }) : say('verdict.scheme') }}
    <strong class="text-ink">{{ scheme.name }}</strong><template v-if="scheme.note">. {{ scheme.note }}</template>
  </p>
</template>
