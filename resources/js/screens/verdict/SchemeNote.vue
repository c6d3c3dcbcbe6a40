<script setup lang="ts">
import type { SchemeData } from '@/shared/api/generated/http'

defineProps<{ schemes: readonly SchemeData[] }>()
</script>

<template>
  <p v-for="scheme in schemes.filter(({ id }) => id !== null)" :key="scheme.lamps" class="text-soft" data-test="scheme">
    Scheme{{ schemes.length > 1 ? ` of ${scheme.lamps}` : '' }}:
    <strong class="text-ink">{{ scheme.name }}</strong><template v-if="scheme.note">. {{ scheme.note }}</template>
  </p>
</template>
