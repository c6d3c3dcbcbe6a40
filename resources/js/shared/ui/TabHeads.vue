<script setup lang="ts">
import { Tab, TabList } from '@headlessui/vue'

defineProps<{ names: readonly string[] }>()
</script>

<template>
  <TabList class="flex border-b max-md:flex-wrap border-line">
    <Tab v-for="name in names" :key="name" v-slot="{ selected }" as="template">
      <button
        type="button"
        class="min-h-11 grow border-b-4 px-2 font-bold"
        :class="selected ? 'border-violet text-violet' : 'border-transparent'"
      >
        {{ name }}
      </button>
    </Tab>
  </TabList>
</template>
