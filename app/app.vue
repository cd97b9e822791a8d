<script setup lang="ts">
useHead({ titleTemplate: title => (title && title !== 'Ingwer' ? `${title} · Ingwer` : 'Ingwer') })
</script>

<template>
  <UApp :toaster="{ position: 'bottom-center', duration: 8000 }">
    <NuxtLayout>
      <NuxtPage />
    </NuxtLayout>
  </UApp>
</template>
