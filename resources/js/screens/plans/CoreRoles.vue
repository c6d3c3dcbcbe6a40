<script setup lang="ts">
import type { CableRoles } from '@/shared/api/generated/http'
import ConductorStroke from '@/shared/board/ConductorStroke.vue'

defineProps<{ cables: readonly CableRoles[] }>()
</script>

<template>
  <table v-for="cable in cables" :key="cable.cable" class="mb-3 w-full border-collapse text-left" data-test="cores">
    <caption class="text-left">
      <span class="code border-2 border-ink px-1">{{ cable.cable }}</span>
      {{
        cable.print
      }}
    </caption>
    <tbody>
      <tr v-for="core in cable.cores" :key="core.flag + core.name" class="border-b border-line">
        <td class="w-12 py-1">
          <svg viewBox="0 0 40 16" class="h-4 w-10" aria-hidden="true">
            <ConductorStroke d="M7 8H33" :colour="core.colour" />
          </svg>
        </td>
        <th scope="row" class="w-32 font-normal">
          <span class="code">{{ core.flag }}</span> {{ core.name }}
        </th>
        <td class="font-bold">{{ core.role }}</td>
      </tr>
    </tbody>
  </table>
</template>
