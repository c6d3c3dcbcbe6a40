<script setup lang="ts">
import { onMounted, useTemplateRef } from 'vue'

/** A page as the server prints it, under its own style sheet and none of the screen's. */
const props = defineProps<{ html: string; css: string }>()
const host = useTemplateRef('host')

onMounted(() => {
  const root = host.value!.attachShadow({ mode: 'open' })
  const sheet = new CSSStyleSheet()
  sheet.replaceSync(props.css)
  root.adoptedStyleSheets = [sheet]
  const page = document.createElement('div')
  page.className = 'paper'
  page.append(...new DOMParser().parseFromString(props.html, 'text/html').body.childNodes)
  root.append(page)
})
</script>

<template>
  <div ref="host" />
</template>
