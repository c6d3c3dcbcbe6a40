<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { onMounted, ref } from 'vue'
import type { Slip } from '@/shared/api/generated/http'

/** Slips to cut out: the one time that the codes are seen. The square code opens the sign-in page and names nobody. */
defineProps<{ slips: readonly Slip[] }>()
defineEmits<{ leave: [] }>()
const address = `${location.origin}/sign-in`
const squares = ref<{ path: string; size: number } | null>(null)
const print = () => window.print()
const spaced = (code: string) => (code.length === 6 ? `${code.slice(0, 3)} ${code.slice(3)}` : code)

onMounted(async () => {
  const { create } = await import('qrcode')
  const { size, data } = create(address).modules
  const dark = Array.from(data, (on, i) => (on ? `M${i % size} ${Math.floor(i / size)}h1v1h-1z` : '')).join('')
  squares.value = { path: dark, size }
})
</script>

<template>
  <Dialog :open="true" class="slips relative z-30" @close="() => {}">
    <div class="fixed inset-0 overflow-auto bg-paper print:static">
      <DialogPanel class="mx-auto max-w-5xl p-6 print:max-w-none print:p-0">
        <header class="mb-4 flex items-center gap-4 print:hidden">
          <DialogTitle class="grow text-xl font-bold">
            {{ saySome('people.print-the-slip-now-the', slips.length) }}
          </DialogTitle>
          <button type="button" class="btn-main" @click="print">{{ say('shared.print') }}</button>
          <button type="button" class="btn" @click="$emit('leave')">{{ say('shared.done') }}</button>
        </header>
        <ul class="grid grid-cols-2 print:gap-0" data-test="slips">
          <li
            v-for="slip in slips"
            :key="slip.id"
            class="flex items-center gap-4 border border-dashed border-soft p-4 break-inside-avoid"
          >
            <svg
              v-if="squares"
              :viewBox="`-2 -2 ${squares.size + 4} ${squares.size + 4}`"
              class="h-28 w-28 shrink-0"
              role="img"
              :aria-label="say('people.square-code-of-the-sign')"
            >
              <path :d="squares.path" fill="var(--color-ink)" shape-rendering="crispEdges" />
            </svg>
            <dl class="min-w-0">
              <dt class="text-sm text-soft">{{ say('people.open') }}</dt>
              <dd>{{ address }}</dd>
              <dt class="text-sm text-soft">{{ say('shared.name') }}</dt>
              <dd class="text-lg font-bold">{{ slip.username }}</dd>
              <dt class="text-sm text-soft">{{ say('people.code') }}</dt>
              <dd class="code text-2xl" data-test="code">{{ spaced(slip.code) }}</dd>
            </dl>
          </li>
        </ul>
      </DialogPanel>
    </div>
  </Dialog>
</template>
