<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'

/** A class is chosen by its whole name; two of one name are told apart by how many are in them. */
const props = defineProps<{
  classes: readonly { id: number; name: string; trainees: readonly unknown[] }[]
  disabled?: boolean
}>()
const chosen = defineModel<number>({ required: true })
const names = computed(() => props.classes.map(({ name }) => name))
const called = ({ name, trainees, id }: (typeof props.classes)[number]) =>
  names.value.filter((one) => one === name).length > 1
    ? say('shared.name-people-people-no-id', { name, people: trainees.length, id })
    : name
</script>

<template>
  <select v-model.number="chosen" class="field w-auto max-w-full min-w-56" :disabled="disabled">
    <option v-for="one in classes" :key="one.id" :value="one.id">{{ called(one) }}</option>
  </select>
</template>
