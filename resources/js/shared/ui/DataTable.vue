<script setup lang="ts">
defineProps<{ caption: string; columns: readonly string[]; rows: readonly (readonly string[])[] }>()
</script>

<template>
  <table class="w-full border-collapse text-left text-sm">
    <caption class="sr-only">
      {{
        caption
      }}
    </caption>
    <thead>
      <tr class="border-b-2 border-ink">
        <th v-for="column in columns" :key="column" scope="col" class="py-1 pr-2">{{ column }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, i) in rows" :key="i" class="border-b border-line align-top">
        <td v-for="(cell, k) in row" :key="k" class="py-1 pr-2">{{ cell }}</td>
      </tr>
    </tbody>
  </table>
</template>
